import { type CivilDate, floorTo, weekdayOf } from '../../base/index.js';
import { leastLongRun, longRunTimeLimit } from '../../rules/limits/index.js';
import { runDaysOf } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import type { Frame } from '../frame/frame.js';
import type { LaidVolume } from '../volume/climb.js';
import { climbBegins, restartLongRun } from '../written/restarts.js';
import { lastPeakIndex } from './last-peak.js';
import type { LaidLongRun } from './laid-long-run.js';
import { type LongRunDay, longRunDay } from './long-run-day.js';

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
export interface Climb {
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

/** The foot of the climb: its days, its peak, and the weeks that stand on the ladder. */
export function startClimb(
  context: Context,
  frame: Frame,
  volumes: readonly LaidVolume[],
  { longRunOn, runDays, meant }: LongRunsAsked,
): Climb {
  const { spec, eventDays, fixedOn } = context;
  const isTaken = (date: CivilDate) => {
    const { role, amount, session } = fixedOn(date);
    const isFixed = [role, amount, session].some((asked) => asked !== undefined);
    return (isFixed && role !== 'long') || spec.athlete.unavailable.includes(weekdayOf(date));
  };
  const isOwn = (date: CivilDate) => fixedOn(date).role === 'long';
  const around = { days: eventDays, raceOn: spec.race.date, isTaken, isOwn };
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

/** Nothing that was run before is climbed from, or gone back to. */
export function beginAnew(climb: Climb, number: number, laid: number): void {
  const longRun = restartLongRun(climb.context.spec, { number, longRun: laid });
  if (longRun === 0) return;
  climb.last = longRun;
  climb.longest = longRun;
  climb.line = longRun;
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

/** Volume of the heaviest week before the taper, since the climb began anew. */
export function heaviestOf({ meant, frame, from }: Climb): number {
  return Math.max(...meant.slice(from, frame.taperStart).map(({ volume }) => volume));
}

/** The long run of the heaviest week before the taper, the longest where several are as heavy. */
export function longRunOfHeaviest(climb: Climb): number {
  const { meant, frame, laid, from } = climb;
  const heaviest = heaviestOf(climb);
  const runs = meant
    .slice(0, frame.taperStart)
    .map(({ volume }, index) =>
      index >= from && volume === heaviest ? (laid[index]?.longRun ?? 0) : 0,
    );
  return Math.max(0, ...runs);
}
