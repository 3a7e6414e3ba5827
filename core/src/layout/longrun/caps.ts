import type { LongRunRule } from '../block/week.js';
import { clean, floorTo, roundTo } from '../../base/index.js';
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
  // A taper cuts its runs one by one: the week is what they leave.
  const laid = climb.volumes[index];
  const isCut = week?.dayShares !== undefined && laid?.rule !== 'pin';
  const meant = isCut ? heaviestOf(climb) : (laid?.volume ?? 0);
  const volume = Math.max(0, meant - raced);
  // A short first week has too few days to hold the long run to its usual part.
  const evenly = 1 / (week?.length ?? 7);
  const share = longRunShareLimit(weekOfLongRun(spec, volume, perMetre), rules);
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
  const rounded = rule === 'peak' ? wished : roundTo(wished, step);
  if (rounded <= Math.min(byShare, byTime) * (1 + 1e-9)) return { longRun: clean(rounded), rule };
  const capped = floorTo(Math.min(byShare, byTime), step);
  return { longRun: capped, rule: byShare <= byTime ? 'share-cap' : 'time-cap' };
}

/** The shortest long run beside which no other run of the week need pass its part of it; at least as wished. */
export function stillLongest(
  { context, frame, volumes, runDays }: Climb,
  index: number,
  wished: number,
) {
  const { rules, perMetre, step } = context;
  const raced = (frame.weeks[index]?.raced ?? 0) * perMetre;
  const volume = Math.max(0, (volumes[index]?.volume ?? 0) - raced);
  return Math.max(wished, leastLongRun(volume, runDays, step, rules));
}
