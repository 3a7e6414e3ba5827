import type { LongRunRule } from '../block/week.js';
import { longRunLadders } from '../schools/index.js';
import { type CivilDate, clean, differenceInDays, floorTo, roundTo } from '../../base/index.js';
import {
  isMiddleDistance,
  longRunGrowthLimit,
  longRunShareLimit,
  longRunTimeLimit,
  recoveryLimit,
} from '../../rules/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import type { Frame, FrameWeek } from '../frame/frame.js';
import type { LaidVolume } from '../volume/climb.js';
import { weekOfLongRun } from './limits.js';
import { type LongRunDay, longRunDay } from './long-run-day.js';
import type { LaidLongRun } from './laid-long-run.js';
import { longRunOfPast } from './past-long-run.js';

type Laid = Omit<LaidLongRun, 'date'>;

/** Long run between the last peak and two weeks out, as a part of the peak (policy). */
const AFTER_PEAK = 0.85;

/** What the coach's week asks of long runs. */
export interface LongRunsAsked {
  /** The day wished for it in each week; undefined where the cycle has none. */
  longRunOn: readonly (CivilDate | undefined)[];
  /** Run days of a week, the long run's among them. */
  runDays: number;
}

/** How far the ladder of long runs has come. Amounts in m or s. */
interface Climb {
  context: Context;
  frame: Frame;
  volumes: readonly LaidVolume[];
  runDays: number;
  days: readonly LongRunDay[];
  /** Index of the week of the last peak. */
  lastPeak: number;
  /** Weeks that stand on the ladder. */
  climbs: readonly boolean[];
  laid: LaidLongRun[];
  /** The last long run on the ladder, and the longest. */
  last: number | undefined;
  longest: number;
  /** The straight line to the peak. */
  line: number;
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
    const pin = pins.get(week.number);
    if (past && climb.climbs[index] && !OFF_THE_LADDER.has(past.rule)) advance(climb, index);
    const next = past ?? longRunToCome(climb, index, pin);
    climb.laid.push(next);
    if (!climb.climbs[index] || week.length !== 7) continue;
    climb.last = next.longRun;
    climb.longest = Math.max(climb.longest, next.longRun);
    if (next.rule === 'pin') climb.line = next.longRun;
  }
  return climb.laid;
}

function startOf(
  context: Context,
  frame: Frame,
  volumes: readonly LaidVolume[],
  { longRunOn, runDays }: LongRunsAsked,
): Climb {
  const { spec, eventDays } = context;
  const days = frame.weeks.map((week, index) => longRunDay(week, longRunOn[index], eventDays));
  const lastPeak = lastPeakIndex(spec, frame, days);
  const climbs = volumes.map(
    ({ recovery, rule }, index) =>
      !recovery &&
      index <= lastPeak &&
      days[index]?.race !== true &&
      (rule !== 'event' || (frame.weeks[index]?.running ?? 1) > 1),
  );
  const none = { laid: [], last: undefined, longest: 0, line: spec.longRun.start };
  return { context, frame, volumes, runDays, days, lastPeak, climbs, ...none };
}

/** Long runs that take no rung. */
const OFF_THE_LADDER: ReadonlySet<LongRunRule> = new Set(['pin', 'no-day']);

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
  const { date, race = false } = climb.days[index] ?? {};
  if (week.kind === 'race') return { longRun: 0, rule: 'race' };
  if (!date || week.length === 1) return { longRun: 0, rule: 'no-day' };
  const before = climb.last ?? spec.longRun.start;
  if (race && index <= climb.lastPeak) {
    return clamp(climb, index, before * (1 - rules.events.longRunCut), 'event');
  }
  if (climb.climbs[index]) return rung(climb, index);
  if (index > climb.lastPeak) {
    const daysOut = differenceInDays(spec.race.date, date);
    return clamp(climb, index, wishedAfterPeak(climb, index, daysOut), 'after-peak');
  }
  if (climb.volumes[index]?.rule === 'event') {
    const wished = stillLongest(climb, index, before * Math.min(1, week.running));
    return clamp(climb, index, wished, 'event');
  }
  const wished = stillLongest(climb, index, recoveryLimit(before, spec.volume.recovery.depth));
  return clamp(climb, index, wished, 'recovery');
}

/** Takes the line to the peak a rung further, once it has begun; gives back the rungs still to come. */
function advance(climb: Climb, index: number): number {
  const left = climb.climbs.slice(index + 1).filter(Boolean).length;
  const { peak } = climb.context.spec.longRun;
  if (climb.last !== undefined) climb.line += Math.max(0, peak - climb.line) / (left + 1);
  return left;
}

function rung(climb: Climb, index: number): Laid {
  const { spec, rules, perMetre, step } = climb.context;
  if (climb.last === undefined) return clamp(climb, index, spec.longRun.start, 'start');
  const left = advance(climb, index);
  const { line } = climb;
  const part = longRunLadders[spec.longRun.ladder].part(left);
  const wished = part < 1 ? Math.min(line, stillLongest(climb, index, line * part)) : line;
  const most = longRunGrowthLimit(climb.longest, rules, perMetre);
  if (wished > most * (1 + 1e-9)) return clamp(climb, index, floorTo(most, step), 'growth-cap');
  return clamp(climb, index, wished, left === 0 ? 'peak' : 'rung');
}

/** Rounds a wished long run and brings it under the caps of its week. */
function clamp(climb: Climb, index: number, wished: number, rule: LongRunRule): Laid {
  const { spec, rules, perMetre, step, easyOn } = climb.context;
  const week = climb.frame.weeks[index];
  const raced = (week?.raced ?? 0) * perMetre;
  const volume = Math.max(0, (climb.volumes[index]?.volume ?? 0) - raced);
  // A short first week has too few days to hold the long run to its usual part.
  const evenly = 1 / (week?.length ?? 7);
  const share = longRunShareLimit(weekOfLongRun(spec, volume, perMetre), rules);
  const byShare = volume * Math.max(evenly, share);
  const byTime = longRunTimeLimit(spec.athlete.basis, rules, easyOn(week?.start ?? spec.start));
  const rounded = rule === 'peak' ? wished : roundTo(wished, step);
  if (rounded <= Math.min(byShare, byTime) * (1 + 1e-9)) return { longRun: clean(rounded), rule };
  const capped = floorTo(Math.min(byShare, byTime), step);
  return { longRun: capped, rule: byShare <= byTime ? 'share-cap' : 'time-cap' };
}

/** A long run made shorter on purpose still stays the longest run of its week. */
function stillLongest({ context, volumes, runDays }: Climb, index: number, wished: number): number {
  const others = context.rules.week.mostOfLongRun * (runDays - 1);
  return Math.max(wished, (volumes[index]?.volume ?? 0) / (1 + others));
}

/**
 * About 65 % of the peak two weeks out, about 40 % one week out. In middle
 * distance the long run is hardly longer than the rest: there it only stays
 * the longest.
 */
function wishedAfterPeak(climb: Climb, index: number, daysOut: number): number {
  const { spec, rules } = climb.context;
  const { twoWeeksOut, oneWeekOut } = rules.longRun.taperShares;
  const part = [0, oneWeekOut, twoWeeksOut][Math.round(daysOut / 7)] ?? AFTER_PEAK;
  const before = climb.last ?? spec.longRun.start;
  const wished = part * Math.max(before, ...climb.laid.map(({ longRun }) => longRun));
  return wished > 0 && isMiddleDistance(spec.race.distance)
    ? stillLongest(climb, index, wished)
    : wished;
}

/**
 * Index of the week with the last peak long run: the one whose long run falls
 * nearest to the wished weeks before race day, recovery weeks left out.
 */
function lastPeakIndex(
  spec: ResolvedSpec,
  frame: Frame,
  days: readonly { date: CivilDate | undefined; race: boolean }[],
): number {
  const wished = 7 * spec.longRun.lastPeakWeeksOut;
  let best = 0;
  let nearest = Infinity;
  for (const [index, week] of frame.weeks.entries()) {
    const { date, race = false } = days[index] ?? {};
    const builds = week.kind === 'building' || week.kind === 'taper';
    if (!date || !builds || race || week.running < 1) continue;
    const away = Math.abs(differenceInDays(spec.race.date, date) - wished);
    if (away < nearest) [best, nearest] = [index, away];
  }
  return best;
}
