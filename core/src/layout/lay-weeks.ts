import { isRun } from '../spec/days/index.js';
import { type CivilDate, sum } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import type { Block } from './block/block.js';
import type { Week } from './block/week.js';
import { type Day, isHardRunning } from './block/day.js';
import type { Context } from './context/context.js';
import { eventsIn } from './events/event-days.js';
import { dealWeek } from './fill/deal.js';
import { layDays } from './fill/lay-days.js';
import type { Frame, FrameWeek } from './frame/frame.js';
import { dayLoad, layLegs } from './load/legs.js';
import { type Segment } from './block/week.js';
import type { LaidLongRun } from './longrun/laid-long-run.js';
import { layLongRuns } from './longrun/lay-long-runs.js';
import { laySegments } from './longrun/lay-segments.js';
import { type HandedOut, type Past, type WeekThen, noPast, weekOfPast } from './past/past.js';
import { resolve } from './resolve/resolve.js';
import { type KeySession, fillSessions } from './sessions/fill-sessions.js';
import { type LaidVolume, fullWeek } from './volume/climb.js';
import { feasibility } from './volume/feasibility.js';
import { layVolume } from './volume/lay-volume.js';
import { type WishedDay, coachWeek } from './week/coach-week.js';
import { type PlannedDay, planWeek } from './week/plan-week.js';
import { steadyMidweek } from './week/steady-midweek.js';

/**
 * Lays out the weeks of a block, stage by stage: resolve, frame, amounts, days,
 * sessions, fill, legs. Each is a function of the context and the stage before.
 *
 * @param past days that are taken as they were handed out, never laid out anew
 * @returns the block, and the rules it was laid out under
 * @throws RangeError on a spec without a race date or a start
 */
export function layWeeks(
  given: BlockSpec,
  past: Past = noPast,
): { block: Block; rules: HouseRules } {
  const { context, frame } = resolve(given, past);
  const { spec, rules, pace } = context;
  const amounts = amountsOf(context, frame);
  const roles = amounts.map((week) => planWeek(context, planOf(week), amountOf(week)));
  const keys = keysOf(context, amounts, roles);
  const weeks = amounts.map((week, index) => fillWeek(context, week, roles[index] ?? [], keys));
  const block: Block = {
    spec,
    easyPace: pace,
    phases: frame.phases,
    weeks,
    feasible: feasibility(context, frame),
    legs: layLegs(daysToRace(weeks), startingLoad(weeks)),
  };
  return { block, rules };
}

/** A week with its amounts, before anything is dealt out to its days. */
interface WeekOfAmounts {
  frame: FrameWeek;
  wished: readonly WishedDay[];
  volume: LaidVolume;
  longRun: LaidLongRun;
  segment: Segment | undefined;
  /** Its days as they were handed out, where it is over. */
  over: readonly HandedOut[] | undefined;
}

/** Weekly volume and long runs. */
function amountsOf(context: Context, frame: Frame): WeekOfAmounts[] {
  const { spec, step, past } = context;
  const wished = frame.weeks.map(coachWeek(spec));
  const volumes = layVolume(context, frame);
  const longRuns = layLongRuns(context, frame, volumes, {
    longRunOn: wished.map((days) => days.find(({ role }) => role === 'long')?.date),
    runDays: Math.max(...wished.map((days) => days.filter(({ role }) => isRun(role)).length)),
  });
  // Hard running stops for an injured athlete, in the long run too.
  const school = spec.athlete.injured ? 'easy' : spec.longRun.segment;
  const segments = laySegments(school, frame.weeks, longRuns, step);
  return frame.weeks.map((week, index): WeekOfAmounts => {
    const days = wished[index] ?? [];
    const longRun = longRuns[index] ?? NO_LONG_RUN;
    const risen = volumes[index] ?? NO_VOLUME;
    const { midweek } = spec.week;
    const over = weekOfPast(past, week);
    const then = over?.at(-1)?.week;
    const steady = { longRun: longRun.longRun, wished: days };
    const volume = midweek === undefined ? risen : steadyMidweek(risen, week, steady, midweek);
    const segment = then ? then.segment : segments[index];
    return { frame: week, wished: days, volume, longRun, segment, over };
  });
}

const NO_VOLUME: LaidVolume = { volume: 0, rule: 'race', recovery: false };
const NO_LONG_RUN: LaidLongRun = { longRun: 0, rule: 'race', date: undefined };

function planOf({ frame, wished, volume: { recovery } }: WeekOfAmounts) {
  return { recovery, wished, ...frame };
}

function amountOf({ volume: { volume }, longRun: { longRun, date } }: WeekOfAmounts) {
  return { volume, longRun, longRunOn: date };
}

/** Which session fills which quality day. */
function keysOf(
  context: Context,
  weeks: readonly WeekOfAmounts[],
  roles: readonly (readonly PlannedDay[])[],
): Map<CivilDate, KeySession> {
  const { perMetre } = context;
  const toFill = weeks.map(({ frame, volume, segment }, index) => ({
    phase: frame.phase.kind,
    raceWeek: frame.kind === 'race',
    distance: volume.volume / perMetre,
    inLongRun: (segment?.amount ?? 0) / perMetre,
    days: roles[index] ?? [],
  }));
  return fillSessions(context, toFill);
}

/** A week with the amounts of every run, exact. */
function fillWeek(
  context: Context,
  week: WeekOfAmounts,
  planned: readonly PlannedDay[],
  keys: ReadonlyMap<CivilDate, KeySession>,
): Week {
  const { frame, over } = week;
  const days = over?.map(({ day }) => day) ?? daysToCome(context, week, planned, keys);
  const { number, toGo, start, length } = frame;
  return {
    number,
    toGo,
    start,
    length,
    ...(over?.at(-1)?.week ?? weekToCome(week)),
    events: eventsIn(frame, context.spec.events),
    days,
    ...totalsOf(days),
  };
}

function daysToCome(
  context: Context,
  week: WeekOfAmounts,
  planned: readonly PlannedDay[],
  keys: ReadonlyMap<CivilDate, KeySession>,
): Day[] {
  const dealt = dealWeek(context, planned, amountOf(week), keys);
  return layDays(context, dealt, week.segment);
}

function weekToCome({ frame, volume: laid, longRun, segment }: WeekOfAmounts): WeekThen {
  const { recovery } = laid;
  return {
    kind: recovery ? 'recovery' : frame.kind === 'recovery' ? 'building' : frame.kind,
    phase: frame.phase.kind,
    recovery,
    recoveryDue: frame.kind === 'recovery',
    volume: laid.volume,
    volumeRule: laid.rule,
    longRun: longRun.longRun,
    longRunRule: longRun.rule,
    segment,
    taperShare: frame.taperShare,
    running: frame.running,
  };
}

/** What the days of a week come to. */
function totalsOf(days: readonly Day[]) {
  const total = {
    hardDays: 0,
    runDays: 0,
    distance: 0,
    time: 0,
    equivalentDistance: 0,
    equivalentTime: 0,
    hardDistance: 0,
    hardTime: 0,
  };
  for (const day of days) {
    const { role, distance, time, cross, sessions } = day;
    if (isHardRunning(day)) total.hardDays += 1;
    if (role !== 'race' && distance > 0) total.runDays += 1;
    total.distance += distance;
    total.time += time;
    total.equivalentDistance += distance + cross.equivalentDistance;
    total.equivalentTime += time + cross.equivalentTime;
    for (const { hardDistance, hardTime } of sessions) {
      total.hardDistance += hardDistance;
      total.hardTime += hardTime;
    }
  }
  return total;
}

function daysToRace(weeks: readonly Week[]): Day[] {
  const before: Day[] = [];
  for (const { days } of weeks) {
    for (const day of days) {
      before.push(day);
      if (day.role === 'race') return before;
    }
  }
  return [];
}

/** Mean daily load of the first week, taken as what the athlete comes from. */
function startingLoad([first]: readonly Week[]): number {
  return first ? fullWeek(sum(first.days.map(dayLoad)), first.length) / 7 : 0;
}
