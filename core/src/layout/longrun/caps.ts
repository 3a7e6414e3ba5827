import type { LongRunRule } from '../block/week.js';
import { addDays, clean, floorTo, roundTo } from '../../base/index.js';
import { leastLongRun, longRunShareLimit, longRunTimeLimit } from '../../rules/limits/index.js';
import { isAtRecovery } from '../volume/climb.js';
import type { UndatedLongRun } from './laid-long-run.js';
import { weekOfLongRun } from './limits.js';
import { type Climb, heaviestOf } from './long-run-climb.js';

/** Rounds a wished long run and brings it under the caps of its week. */
export function underCaps(
  climb: Climb,
  index: number,
  wished: number,
  rule: LongRunRule,
): UndatedLongRun {
  const { spec, rules, perMetre, step, easyOn, recoveryOn } = climb.context;
  const week = climb.frame.weeks[index];
  const raced = (week?.raced ?? 0) * perMetre;
  const laid = climb.volumes[index];
  const left = partLeft(climb, index);
  const volume = Math.max(0, left * uncutVolume(climb, index) - raced);
  // A short first week has too few days to hold the long run to its usual part.
  const evenly = 1 / (week?.length ?? 7);
  const held = weekOfLongRun(spec, volume, perMetre);
  const runDays = Math.min(held.runDays, daysLeft(climb, index));
  const share = longRunShareLimit({ ...held, runDays }, rules);
  // A peak that was asked for is laid, whatever part of its week it takes: a finding says so.
  const meantToBe = spec.longRun.peak / spec.volume.peak;
  const isAsked = climb.isLong && meantToBe > share * (1 + 1e-9);
  const asked = isAsked ? spec.longRun.peak / heaviestOf(climb) : meantToBe;
  const byShare = volume * Math.min(1, Math.max(evenly, share, asked));
  const byTime = longRunTimeLimit(
    spec.athlete.basis,
    rules,
    (isAtRecovery(laid) ? recoveryOn : easyOn)(
      climb.days[index]?.date ?? week?.start ?? spec.start,
    ),
  );
  const rounded = rule === 'peak' ? wished : roundTo(left * wished, step);
  if (rounded <= Math.min(byShare, byTime) * (1 + 1e-9)) return { longRun: clean(rounded), rule };
  const capped = floorTo(Math.min(byShare, byTime), step);
  return { longRun: capped, rule: byShare <= byTime ? 'share-cap' : 'time-cap' };
}

/**
 * What a long run is a part of: its week; of a taper, which cuts its runs one by one, the
 * heaviest that they are cut from.
 */
function uncutVolume(climb: Climb, index: number): number {
  const isCut = climb.frame.weeks[index]?.dayShares !== undefined;
  return isCut ? heaviestOf(climb) : (climb.volumes[index]?.volume ?? 0);
}

/** Policy: what the runs of a taper week come to as they are cut, at least, against its share. */
const AS_CUT = 0.8;

/** The part of a taper week that the coach left of it; 1 where they fixed it no lower than its cut. */
function partLeft(climb: Climb, index: number): number {
  const week = climb.frame.weeks[index];
  const laid = climb.volumes[index];
  if (week?.dayShares === undefined || laid?.rule !== 'pin') return 1;
  return Math.min(1, laid.volume / (AS_CUT * week.taperShare * heaviestOf(climb)));
}

/** The shortest long run beside which no other run of the week need pass its part of it; at least as wished. */
export function stillLongest(climb: Climb, index: number, wished: number) {
  const { context, frame, volumes } = climb;
  const runDays = Math.min(climb.runDays, daysLeft(climb, index));
  const { rules, perMetre, step } = context;
  const raced = (frame.weeks[index]?.raced ?? 0) * perMetre;
  const volume = Math.max(0, (volumes[index]?.volume ?? 0) - raced);
  return Math.max(wished, leastLongRun(volume, runDays, step, rules));
}

/** Days that days away leave of a week: the runs they take move to what is free of it. */
function daysLeft({ context: { eventDays }, frame }: Climb, index: number): number {
  const week = frame.weeks[index];
  if (!week || week.running >= 1) return Infinity;
  const dates = Array.from({ length: week.length }, (_, day) => addDays(week.start, day));
  return dates.filter((date) => eventDays.get(date)?.running !== 0).length;
}
