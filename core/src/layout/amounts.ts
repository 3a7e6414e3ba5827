import { type CivilDate, differenceInDays } from '../base/index.js';
import { quietDays } from '../rules/limits/index.js';
import { isRun } from '../spec/days/index.js';
import type { Segment } from './block/week.js';
import type { Context } from './context/context.js';
import type { Frame, FrameWeek } from './frame/frame.js';
import type { LaidLongRun } from './longrun/laid-long-run.js';
import { layLongRuns } from './longrun/lay-long-runs.js';
import { writtenLongRun } from './longrun/written-long-run.js';
import { laySegments } from './longrun/lay-segments.js';
import { type HandedOut, noPast, weekOfPast } from './past/past.js';
import { isAtRecovery, type LaidVolume } from './volume/climb.js';
import { layVolume } from './volume/lay-volume.js';
import { type WishedDay, coachWeek } from './wished/coach-week.js';
import { steadyMidweek } from './week/steady-midweek.js';

/** A week with its amounts, before anything is dealt out to its days. */
export interface WeekOfAmounts {
  frame: FrameWeek;
  wished: readonly WishedDay[];
  volume: LaidVolume;
  longRun: LaidLongRun;
  segment: Segment | undefined;
  /** Its days as they were handed out, where it is over. */
  over: readonly HandedOut[] | undefined;
}

/** Weekly volume and long runs. */
export function amountsOf(context: Context, frame: Frame): WeekOfAmounts[] {
  const { spec, step, past } = context;
  const wished = frame.weeks.map(coachWeek(context));
  const volumes = layVolume(context, frame);
  const meant = past.asOf === undefined ? volumes : layVolume({ ...context, past: noPast }, frame);
  const longRuns = layLongRuns(context, frame, volumes, {
    longRunOn: wished.map((days) => longRunWished(days, spec.race.date)),
    runDays: Math.max(...wished.map((days) => days.filter(({ role }) => isRun(role)).length)),
    meant,
  });
  // Hard running stops for an injured athlete, in the long run too.
  const { segment: school, segmentEvery, segmentWeeks } = spec.longRun;
  const name = spec.athlete.injured ? 'easy' : school;
  const segments = laySegments({ name, segmentEvery, segmentWeeks }, frame.weeks, longRuns, step);
  return frame.weeks.map((week, index): WeekOfAmounts => {
    const days = wished[index] ?? [];
    const longRun = longRuns[index] ?? NO_LONG_RUN;
    const risen = volumes[index] ?? NO_VOLUME;
    const { midweek } = spec.week;
    const over = weekOfPast(past, week);
    const then = over?.at(-1)?.week;
    const steady = { longRun: longRun.longRun, wished: days };
    const volume = midweek === undefined ? risen : steadyMidweek(risen, week, steady, midweek);
    // One that is written out holds what it says.
    const isWithout = writtenLongRun(context, longRun.date) || isEasy(context, longRun.date);
    const laid = isWithout ? undefined : segments[index];
    const segment = then ? then.segment : laid;
    return { frame: week, wished: days, volume, longRun, segment, over };
  });
}

/** True for one of the days after an illness, and in the quiet days before the race where the coach asks for nothing else. */
function isEasy({ eventDays, spec, rules }: Context, date: CivilDate | undefined): boolean {
  if (date === undefined) return false;
  if (eventDays.get(date)?.back !== undefined) return true;
  const { race, longRun } = spec;
  const isQuiet = differenceInDays(race.date, date) < quietDays(rules, race.distance);
  return isQuiet && longRun.segmentWeeks === undefined;
}

const NO_VOLUME: LaidVolume = { volume: 0, rule: 'race', recovery: false };
const NO_LONG_RUN: LaidLongRun = { longRun: 0, rule: 'race', date: undefined };

/** A week that days away cut is light, and no week of rest: what is hard in it stays. */
export function planOf(
  { frame, wished, volume }: WeekOfAmounts,
  neighbours: readonly (WeekOfAmounts | undefined)[],
) {
  const movedBeside = neighbours.flatMap((week) => (week && movedLongRun(week)) ?? []);
  return { recovery: isAtRecovery(volume), wished, movedBeside, ...frame };
}

/** The day of a long run that is not run on the one wished for it. */
function movedLongRun({ wished, longRun: { date } }: WeekOfAmounts): CivilDate | undefined {
  const isWished = wished.some((day) => day.role === 'long' && day.date === date);
  return isWished ? undefined : date;
}

export function amountOf({ volume, longRun: { longRun, date } }: WeekOfAmounts) {
  return {
    volume: volume.volume,
    isPinned: volume.rule === 'pin',
    longRun,
    longRunOn: date,
  };
}

/** The day of a week’s long run before the race: the one that the coach fixed, else that of their week. */
function longRunWished(days: readonly WishedDay[], raceOn: CivilDate): CivilDate | undefined {
  const long = days.filter(({ role, date }) => role === 'long' && date < raceOn);
  return (long.find(({ fixed }) => fixed) ?? long[0])?.date;
}
