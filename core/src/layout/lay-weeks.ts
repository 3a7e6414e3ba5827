import { isRun } from '../spec/days/index.js';
import { type CivilDate, floorTo, sum } from '../base/index.js';
import { growthLimit, type HouseRules, recoveryLimit } from '../rules/index.js';
import { type BlockSpec, isUnder18 } from '../spec/index.js';
import type { Block } from './block/block.js';
import type { Week } from './block/week.js';
import { type Day, isHardRunning } from './block/day.js';
import type { Context } from './context/context.js';
import { eventsIn } from './events/event-days.js';
import { type Cuts, eventCuts, heaviestOf, recoveryCuts, taperCuts } from './fill/cuts.js';
import { dealWeek, type WeekToDeal } from './fill/deal.js';
import { layDays } from './fill/lay-days.js';
import { placesOf } from './fill/places.js';
import type { Frame, FrameWeek } from './frame/frame.js';
import { dayLoad, layLegs } from './load/legs.js';
import { monotonyOf } from './load/monotony.js';
import { type Segment } from './block/week.js';
import type { LaidLongRun } from './longrun/laid-long-run.js';
import { layLongRuns } from './longrun/lay-long-runs.js';
import { laySegments } from './longrun/lay-segments.js';
import { type HandedOut, type Past, type WeekThen, noPast, weekOfPast } from './past/past.js';
import { resolve } from './resolve/resolve.js';
import { growthSchools } from './schools/index.js';
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
  const weeks = fillWeeks(context, amounts, { roles, keys, placeOf: placesOf(roles) });
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
    distance: volume.volume / perMetre,
    inLongRun: (segment?.amount ?? 0) / perMetre,
    days: roles[index] ?? [],
  }));
  return fillSessions(context, toFill);
}

/** What the days of a block are dealt by. */
interface Dealing extends Pick<WeekToDeal, 'placeOf'> {
  roles: readonly (readonly PlannedDay[])[];
  keys: ReadonlyMap<CivilDate, KeySession>;
}

/** A whole building week, and whether its runs held it down. */
interface Built {
  week: Week;
  isShort: boolean;
}

/** Weeks with the amounts of every run, each cut from those before it where it rests or tapers. */
function fillWeeks(
  context: Context,
  amounts: readonly WeekOfAmounts[],
  { roles, keys, placeOf }: Dealing,
): Week[] {
  const { basis } = context.spec.athlete;
  const built: Built[] = [];
  const weeks: Week[] = [];
  let heaviest: (readonly Day[])[] | undefined;
  for (const [index, of] of amounts.entries()) {
    if (of.frame.dayShares)
      heaviest ??= heaviestOf(
        built.map(({ week: { days } }) => days),
        basis,
      );
    const cuts = cutsOf(context, of, { heaviest, last: built.at(-1)?.week.days });
    const isHeld = built.at(-1)?.isShort === true && !of.frame.dayShares;
    const held = isHeld ? heldBy(context, of, built.at(-1)?.week.volume ?? 0) : of;
    const week = fillWeek(context, held, { days: roles[index] ?? [], cuts, keys, placeOf });
    weeks.push(week);
    if (week.kind === 'building' && week.length === 7 && week.running === 1) {
      built.push({ week, isShort: week.volume < of.volume.volume });
    }
  }
  return weeks;
}

/** A week after one that its runs held down climbs from there, not from what was meant. */
function heldBy(context: Context, of: WeekOfAmounts, last: number): WeekOfAmounts {
  const { volume, longRun } = of;
  const most = Math.max(longRun.longRun, mostAfter(context, volume, last));
  if (most >= volume.volume) return of;
  const rule = volume.rule === 'recovery' ? volume.rule : ('bounded' as const);
  return { ...of, volume: { ...volume, volume: most, rule } };
}

/** The most a week may be after one that its runs held down to `last`. */
function mostAfter({ spec, step }: Context, { rule, recovery }: LaidVolume, last: number): number {
  const { growth, recovery: rests } = spec.volume;
  if (rule === 'recovery') return floorTo(recoveryLimit(last, rests.depth), step);
  const free = rule === 'pin' || rule === 'event' || recovery;
  if (free || !growthSchools[growth.school].keepsCap) return Infinity;
  return Math.max(last, floorTo(growthLimit(last, growth.cap), step));
}

/** What a week is cut from: the heaviest in a taper, the last building week where it rests or an event takes from it. */
function cutsOf(
  context: Context,
  { frame, volume }: WeekOfAmounts,
  {
    heaviest = [],
    last,
  }: { heaviest: (readonly Day[])[] | undefined; last: readonly Day[] | undefined },
): Cuts | undefined {
  if (frame.dayShares) return heaviest.length > 0 ? taperCuts(context, frame, heaviest) : undefined;
  if (!last || volume.rule === 'pin') return undefined;
  if (volume.rule === 'event') return eventCuts(context, last);
  return volume.recovery && context.spec.week.midweek === undefined
    ? recoveryCuts(context, last)
    : undefined;
}

/** A week with the amounts of every run, exact. */
function fillWeek(
  context: Context,
  week: WeekOfAmounts,
  {
    days: planned,
    cuts,
    keys,
    placeOf,
  }: Omit<Dealing, 'roles'> & { days: readonly PlannedDay[]; cuts: Cuts | undefined },
): Week {
  const { over, volume: laid } = week;
  const then = over?.at(-1)?.week;
  if (over && then) {
    return weekOf(
      context,
      week,
      then,
      over.map(({ day }) => day),
    );
  }
  const { volume, longRun } = amountOf(week);
  const pinned = laid.rule === 'pin';
  const deal = (contrast: number, doubled = false) => {
    const toDeal = { days: planned, volume, longRun, pinned, cuts, placeOf, contrast, doubled };
    const dealt = dealWeek(context, toDeal, keys);
    return { volume: dealt.volume, days: layDays(context, dealt.days, week.segment) };
  };
  const dealt = cuts ? deal(1) : varied(context, deal, laid.volume);
  return weekOf(context, week, weekToCome(week, dealt.volume, cuts !== undefined), dealt.days);
}

/** Every field written out: a week is made at every key stroke, and copied none the quicker from parts. */
function weekOf({ spec }: Context, { frame }: WeekOfAmounts, then: WeekThen, days: Day[]): Week {
  const total = totalsOf(days);
  return {
    number: frame.number,
    toGo: frame.toGo,
    start: frame.start,
    length: frame.length,
    kind: then.kind,
    phase: then.phase,
    recovery: then.recovery,
    recoveryDue: then.recoveryDue,
    volume: then.volume,
    volumeRule: then.volumeRule,
    longRun: then.longRun,
    longRunRule: then.longRunRule,
    segment: then.segment,
    taperShare: then.taperShare,
    running: then.running,
    events: eventsIn(frame, spec.events),
    days,
    hardDays: total.hardDays,
    runDays: total.runDays,
    distance: total.distance,
    time: total.time,
    equivalentDistance: total.equivalentDistance,
    equivalentTime: total.equivalentTime,
    hardDistance: total.hardDistance,
    hardTime: total.hardTime,
  };
}

/** How far the days of a week are set apart, one after the other, until they differ enough. */
const CONTRASTS = [1, 1.5, 2, 3];

/**
 * The first way to deal a week whose days are not too much alike, its larger days
 * run twice where its volume allows; the one with the least alike where none is.
 */
function varied<T extends { days: Day[]; volume: number }>(
  { spec, rules }: Context,
  deal: (contrast: number, doubled?: boolean) => T,
  volume: number,
): T {
  const most = rules.week.mostMonotony;
  const mayDouble = volume >= rules.week.doublesFrom[spec.athlete.basis] && !isUnder18(spec);
  let best = deal(1);
  let least = monotonyOf(best.days.map(dayLoad));
  for (const doubled of mayDouble ? [false, true] : [false]) {
    for (const contrast of CONTRASTS) {
      if (least <= most) return best;
      const next = deal(contrast, doubled);
      const monotony = monotonyOf(next.days.map(dayLoad));
      // Days are set apart within the week's volume, not by taking from it.
      if (monotony < least && next.volume >= best.volume) [best, least] = [next, monotony];
    }
  }
  return best;
}

/** What a week is, its volume as it was dealt. */
function weekToCome(
  { frame, volume: laid, longRun, segment }: WeekOfAmounts,
  volume: number,
  isCut: boolean,
): WeekThen {
  const { recovery, rule } = laid;
  // A short first week still stands for the start it was taken from.
  const isLower = volume < laid.volume && !isCut && rule !== 'short-first-week';
  return {
    kind: recovery ? 'recovery' : frame.kind === 'recovery' ? 'building' : frame.kind,
    phase: frame.phase.kind,
    recovery,
    recoveryDue: frame.kind === 'recovery',
    volume,
    volumeRule: isLower ? 'bounded' : rule,
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
