import type { LongRunRule } from '../block/week.js';
import { longRunLadders } from '../schools/index.js';
import {
  addDays,
  type CivilDate,
  clean,
  differenceInDays,
  floorTo,
  roundTo,
} from '../../base/index.js';
import { isLongRace } from '../../rules/index.js';
import {
  leastDaysToPeak,
  leastLongRun,
  longRunGrowthLimit,
  longRunShareLimit,
  longRunTimeLimit,
  recoveryLimit,
} from '../../rules/limits/index.js';
import type { Context } from '../context/context.js';
import { isIllIn } from '../events/event-days.js';
import type { Frame, FrameWeek } from '../frame/frame.js';
import { isAtRecovery, type LaidVolume } from '../volume/climb.js';
import { climbBegins, restartLongRun, restarts } from '../written/restarts.js';
import { runDaysOf } from '../../spec/index.js';
import { weekOfLongRun } from './limits.js';
import { type LongRunDay, longRunDay, TO_THE_RACE } from './long-run-day.js';
import { writtenLongRun } from './written-long-run.js';
import type { LaidLongRun } from './laid-long-run.js';
import { longRunOfPast } from './past-long-run.js';

type Laid = Omit<LaidLongRun, 'date'>;

/** Long run after the last peak and before the taper, as a part of the peak (policy). */
const AFTER_PEAK = 0.85;

/** What the coach's week asks of long runs. */
export interface LongRunsAsked {
  /** The day wished for it in each week; undefined where the cycle has none. */
  longRunOn: readonly (CivilDate | undefined)[];
  /** Run days of a week, the long run's among them. */
  runDays: number;
  /** Volumes as they were meant, before their runs were dealt; of weeks that are over too. */
  meant: readonly LaidVolume[];
}

/** How far the ladder of long runs has come. Amounts in m or s. */
interface Climb {
  context: Context;
  frame: Frame;
  volumes: readonly LaidVolume[];
  meant: readonly LaidVolume[];
  runDays: number;
  days: readonly LongRunDay[];
  /** Index of the week of the last peak. */
  lastPeak: number;
  /** Weeks that stand on the ladder. */
  climbs: readonly boolean[];
  /** Index of the week that the climb to the taper began in, last anew. */
  from: number;
  laid: LaidLongRun[];
  /** The last long run on the ladder, and the longest. */
  last: number | undefined;
  longest: number;
  /** The straight line to the peak. */
  line: number;
  /** The peak, or what time on the feet leaves of it: the ladder leads to what can be reached. */
  peak: number;
  /** True for a peak of which the coach asked more than the runs beside it need. */
  isLong: boolean;
}

/**
 * Every week's long run: a ladder over the building weeks up to the last peak,
 * each rung under the caps on its share, its time and its growth; a shorter one
 * in recovery weeks; coming down after the peak; none in race week, nor in a
 * short first week without its day. In the week of a race on the way it is cut,
 * and moved where the race or days away need its day. Pins are kept exactly and
 * climbed from.
 */
export function layLongRuns(
  context: Context,
  frame: Frame,
  volumes: readonly LaidVolume[],
  asked: LongRunsAsked,
): LaidLongRun[] {
  const climb = startOf(context, frame, volumes, asked);
  const pins = new Map(context.spec.pins.map((pin) => [pin.week, pin.longRun]));
  for (const [index, week] of frame.weeks.entries()) {
    const past = longRunOfPast(context, week);
    // A week that the climb begins anew from is cut by an illness like any other.
    const isCut = restarts(context.spec, week) && isIllIn(context.eventDays, week);
    const pin =
      lengthWritten(context, asked.longRunOn[index]) ?? (isCut ? undefined : pins.get(week.number));
    if (past && climb.climbs[index] && !OFF_THE_LADDER.has(past.rule)) advance(climb, index);
    const next = past ?? longRunToCome(climb, index, pin);
    climb.laid.push(next);
    if (restarts(context.spec, week)) beginAnew(climb, week.number, next.longRun);
    if (!climb.climbs[index] || week.length !== 7 || next.longRun === 0) continue;
    climb.last = next.longRun;
    climb.longest = Math.max(climb.longest, next.longRun);
    if (next.rule === 'pin') climb.line = next.longRun;
    // One that its week makes longer is climbed from.
    if (next.rule === 'longest') climb.line = Math.max(climb.line, next.longRun);
  }
  return climb.laid;
}

/** Nothing that was run before is climbed from, or gone back to. */
function beginAnew(climb: Climb, number: number, laid: number): void {
  const longRun = restartLongRun(climb.context.spec, { number, longRun: laid });
  if (longRun === 0) return;
  climb.last = longRun;
  climb.longest = longRun;
  climb.line = longRun;
}

/** A long run that is written out is as long as it says, in m or s as the block counts. */
function lengthWritten(context: Context, date: CivilDate | undefined): number | undefined {
  const written = writtenLongRun(context, date);
  if (!written) return undefined;
  const byTime = context.spec.athlete.basis === 'time';
  return Math.round(byTime ? written.time : written.distance);
}

function startOf(
  context: Context,
  frame: Frame,
  volumes: readonly LaidVolume[],
  { longRunOn, runDays, meant }: LongRunsAsked,
): Climb {
  const { spec, eventDays, fixedOn } = context;
  const isFixed = (date: CivilDate) => {
    const { role, amount, session } = fixedOn(date);
    return role !== 'long' && [role, amount, session].some((asked) => asked !== undefined);
  };
  const around = { days: eventDays, raceOn: spec.race.date, isFixed };
  const days = frame.weeks.map((week, index) => longRunDay(week, longRunOn[index], around));
  const lastPeak = lastPeakIndex(context, frame, days);
  const climbs = volumes.map(
    ({ recovery, rule }, index) =>
      !recovery &&
      index <= lastPeak &&
      days[index]?.cut !== true &&
      (rule !== 'event' || (frame.weeks[index]?.running ?? 1) > 1),
  );
  const from = climbBegins(spec, frame.weeks);
  const none = { laid: [], last: undefined, longest: 0, line: spec.longRun.start };
  const peak = peakInTime(context, days[lastPeak]?.date);
  const isLong = isLongerThanNeeded(context);
  return {
    context,
    frame,
    volumes,
    meant,
    runDays,
    days,
    lastPeak,
    climbs,
    from,
    peak,
    isLong,
    ...none,
  };
}

/** In whole steps a peak that Nadir suggests may pass its share a little: the runs beside it need it. */
function isLongerThanNeeded({ spec, rules, step }: Context): boolean {
  const { longRun, volume, week } = spec;
  return longRun.peak > leastLongRun(volume.peak, runDaysOf(week), step, rules) * (1 + 1e-9);
}

/** The peak, or the longest in whole steps that time on the feet allows on its day. */
function peakInTime({ spec, rules, easyOn, step }: Context, date: CivilDate | undefined): number {
  const { start, peak } = spec.longRun;
  const pace = easyOn(date ?? spec.start);
  const most = floorTo(longRunTimeLimit(spec.athlete.basis, rules, pace), step);
  return Math.min(peak, Math.max(start, most));
}

/** Long runs that take no rung. */
const OFF_THE_LADDER: ReadonlySet<LongRunRule> = new Set(['pin', 'no-day', 'raced']);

/** The long run of a week that still has its day for it; pins are kept exactly. */
function longRunToCome(climb: Climb, index: number, pin: number | undefined): LaidLongRun {
  const week = climb.frame.weeks[index];
  if (!week) return { longRun: 0, rule: 'no-day', date: undefined };
  const laid: Laid =
    pin === undefined ? layWeek(climb, index, week) : { longRun: pin, rule: 'pin' };
  const date = laid.longRun > 0 ? climb.days[index]?.date : undefined;
  // Its day is over and was no long run: what is gone is not made up.
  const isOver = date !== undefined && climb.context.past.on(date) !== undefined;
  return isOver ? { longRun: 0, rule: 'no-day', date: undefined } : { ...laid, date };
}

function layWeek(climb: Climb, index: number, week: FrameWeek): Laid {
  const { spec, rules } = climb.context;
  const { date, race = false, cut = false } = climb.days[index] ?? {};
  if (week.kind === 'race') return { longRun: 0, rule: 'race' };
  if (week.raced > 0 && isRacedLong(climb, week, race)) return { longRun: 0, rule: 'raced' };
  if (!date && isUpToRace(climb, week)) return { longRun: 0, rule: 'race' };
  if (!date || week.length === 1) return { longRun: 0, rule: 'no-day' };
  const before = climb.last ?? spec.longRun.start;
  if (cut && index <= climb.lastPeak) {
    return clamp(climb, index, before * (1 - rules.events.longRunCut), 'event');
  }
  if (climb.climbs[index]) return rung(climb, index);
  if (index > climb.lastPeak) {
    return clamp(
      climb,
      index,
      leftOn(climb, date) * wishedAfterPeak(climb, index, date),
      'after-peak',
    );
  }
  if (climb.volumes[index]?.rule === 'event') {
    const left = Math.min(week.eased, leftOn(climb, date));
    const { depth } = spec.volume.recovery;
    const usual = week.kind === 'recovery' ? recoveryLimit(before, depth) : before;
    const wished = stillLongest(climb, index, usual * left);
    return clamp(climb, index, wished, 'event');
  }
  const wished = recoveryLimit(before, spec.volume.recovery.depth);
  // Where the runs of mid-week stay as they are, it still has to be longer than they.
  const longest = spec.week.midweek === undefined ? wished : stillLongest(climb, index, wished);
  return clamp(climb, index, Math.min(longest, before), 'recovery');
}

/** What days away or an illness leave of a long run on this day. */
function leftOn({ context: { eventDays } }: Climb, date: CivilDate): number {
  return Math.min(1, eventDays.get(date)?.running ?? 1);
}

/** True where what is raced is its week's long run: as the coach chose, else by the length of a race on the way. */
function isRacedLong({ context }: Climb, week: FrameWeek, race: boolean): boolean {
  const { spec, rules, perMetre, eventDays } = context;
  const chosen = Array.from(
    { length: week.length },
    (_, day) => eventDays.get(addDays(week.start, day))?.race?.isLongRun,
  );
  if (chosen.includes(true)) return true;
  const isLong = week.raced * perMetre >= rules.events.raceAsLongRun * spec.longRun.peak;
  return race && isLong && !chosen.includes(false);
}

/** True for a week whose usual day lies in the last days before the race. */
function isUpToRace({ context: { spec } }: Climb, { start, length }: FrameWeek): boolean {
  return differenceInDays(spec.race.date, start) - length < TO_THE_RACE;
}

/** Takes the line to the peak a rung further, once it has begun; gives back the rungs still to come. */
function advance(climb: Climb, index: number): number {
  const left = climb.climbs.slice(index + 1).filter(Boolean).length;
  if (climb.last !== undefined) climb.line += Math.max(0, climb.peak - climb.line) / (left + 1);
  return left;
}

function rung(climb: Climb, index: number): Laid {
  const { spec, rules, perMetre, step } = climb.context;
  const { start, ladder } = spec.longRun;
  const { peak } = climb;
  if (climb.last === undefined) return onStep(climb, index, start, 'start');
  const left = advance(climb, index);
  const { line } = climb;
  const part = longRunLadders[ladder].part(left);
  const isPeak = left === 0;
  const rule = !isPeak ? 'rung' : peak < spec.longRun.peak ? 'time-cap' : 'peak';
  const wished = onStep(climb, index, part < 1 ? line * part : line, rule);
  const most = longRunGrowthLimit(climb.longest, rules, { perMetre, unit: spec.athlete.unit });
  if (wished.longRun <= most * (1 + 1e-9)) return wished;
  return clamp(climb, index, Math.min(Math.max(peak, line), floorTo(most, step)), 'growth-cap');
}

/** A rung, made longer where other runs of its week would come too near it; never past the peak asked for. */
function onStep(climb: Climb, index: number, wished: number, rule: LongRunRule): Laid {
  const { spec, step } = climb.context;
  const most = Math.max(wished, spec.longRun.peak);
  const longest = Math.min(most, stillLongest(climb, index, 0));
  return longest > wished + step / 2
    ? clamp(climb, index, longest, 'longest')
    : clamp(climb, index, wished, rule);
}

/** Rounds a wished long run and brings it under the caps of its week. */
function clamp(climb: Climb, index: number, wished: number, rule: LongRunRule): Laid {
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
function stillLongest({ context, frame, volumes, runDays }: Climb, index: number, wished: number) {
  const { rules, perMetre, step } = context;
  const raced = (frame.weeks[index]?.raced ?? 0) * perMetre;
  const volume = Math.max(0, (volumes[index]?.volume ?? 0) - raced);
  return Math.max(wished, leastLongRun(volume, runDays, step, rules));
}

/**
 * Cut as every run of its week is, against the heaviest week's; before a half
 * marathon or marathon at most so much of the longest two weeks and one week out.
 */
function wishedAfterPeak(climb: Climb, index: number, date: CivilDate): number {
  const { context, frame } = climb;
  const { spec, rules, easyOn } = context;
  const longest = Math.max(climb.last ?? spec.longRun.start, climb.longest);
  const week = frame.weeks[index];
  if (week?.kind === 'building') return stillLongest(climb, index, AFTER_PEAK * longest);
  const share = (week?.taperShare ?? 1) * longRunOfHeaviest(climb);
  if (!isLongRace(spec.race.distance)) return floorTo(share, context.step);
  const { taperShares, lastTime } = rules.longRun;
  const weeksOut = Math.round(differenceInDays(spec.race.date, date) / 7);
  const part = [taperShares.oneWeekOut, taperShares.oneWeekOut, taperShares.twoWeeksOut][weeksOut];
  const byTime = spec.athlete.basis === 'time' ? lastTime : (lastTime / easyOn(date)) * 1000;
  const wished = Math.min(share, (part ?? 1) * longest, weeksOut <= 1 ? byTime : Infinity);
  return floorTo(wished, context.step);
}

/** Volume of the heaviest week before the taper, since the climb began anew. */
function heaviestOf({ meant, frame, from }: Climb): number {
  return Math.max(...meant.slice(from, frame.taperStart).map(({ volume }) => volume));
}

/** The long run of the heaviest week before the taper, the longest where several are as heavy. */
function longRunOfHeaviest(climb: Climb): number {
  const { meant, frame, laid, from } = climb;
  const heaviest = heaviestOf(climb);
  const runs = meant
    .slice(0, frame.taperStart)
    .map(({ volume }, index) =>
      index >= from && volume === heaviest ? (laid[index]?.longRun ?? 0) : 0,
    );
  return Math.max(0, ...runs);
}

/**
 * Index of the week with the last peak long run: the one whose long run falls
 * nearest to the wished weeks before race day, recovery weeks left out.
 */
function lastPeakIndex(
  { spec, rules }: Context,
  frame: Frame,
  days: readonly Pick<LongRunDay, 'date' | 'cut'>[],
): number {
  const { lastPeakWeeksOut } = spec.longRun;
  const leastDaysOut = leastDaysToPeak(Math.min(lastPeakWeeksOut, rules.longRun.leastWeeksOut));
  let best = 0;
  let nearest = Infinity;
  for (const [index, week] of frame.weeks.entries()) {
    const { date, cut = false } = days[index] ?? {};
    const builds = week.kind === 'building' || week.kind === 'taper';
    if (!date || !builds || cut || week.running < 1) continue;
    const daysOut = differenceInDays(spec.race.date, date);
    // Nobody asked for one too near the race.
    if (daysOut < leastDaysOut) continue;
    // Where its own week cannot hold it, it comes sooner: none is put off into the taper.
    if (week.kind === 'taper' && Math.round(daysOut / 7) < lastPeakWeeksOut) continue;
    const away = Math.abs(daysOut - 7 * lastPeakWeeksOut);
    if (away < nearest) [best, nearest] = [index, away];
  }
  return best;
}
