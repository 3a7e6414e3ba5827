import { type CivilDate, floorTo } from '../base/index.js';
import { growthLimit, leastLongRun, recoveryLimit, returnLimit } from '../rules/limits/index.js';
import { isRun } from '../spec/days/index.js';
import { isUnder18 } from '../spec/index.js';
import { amountOf, type WeekOfAmounts } from './amounts.js';
import { type Day, isHardRunning } from './block/day.js';
import type { Week } from './block/week.js';
import type { Context } from './context/context.js';
import { eventsIn } from './events/event-days.js';
import { type Cuts, eventCuts, heaviestOf, recoveryCuts, taperCuts } from './fill/cuts.js';
import { dealWeek } from './fill/deal.js';
import type { WeekToDeal } from './fill/open-deal.js';
import { layDays } from './fill/lay-days.js';
import { dayLoad } from './load/legs.js';
import { shortened } from './longrun/lay-segments.js';
import { monotonyOf } from './load/monotony.js';
import { noPast, type WeekThen } from './past/past.js';
import { growthSchools } from './schools/index.js';
import type { KeySession } from './sessions/key-session.js';
import { isAtRecovery, type LaidVolume } from './volume/climb.js';
import { restarts } from './written/restarts.js';
import type { PlannedDay } from './week/plan-week.js';

/** What the days of a block are dealt by. */
interface Dealing extends Pick<WeekToDeal, 'placeOf'> {
  roles: readonly (readonly PlannedDay[])[];
  keys: ReadonlyMap<CivilDate, KeySession>;
}

/** A whole building week, and the volume that was meant for it: its runs may hold less. */
interface Built {
  week: Week;
  meant: number;
}

function isShort({ week, meant }: Built): boolean {
  return week.volume < meant - NOISE;
}

/** Weeks with the amounts of every run, each cut from those before it where it rests or tapers. */
export function fillWeeks(
  context: Context,
  amounts: readonly WeekOfAmounts[],
  { roles, keys, placeOf }: Dealing,
): Week[] {
  const { basis } = context.spec.athlete;
  const built: Built[] = [];
  const weeks: Week[] = [];
  let heaviest: (readonly Day[])[] | undefined;
  let tapered = Infinity;
  let begun = false;
  for (const [index, of] of amounts.entries()) {
    if (of.frame.dayShares)
      heaviest ??= heaviestOf(
        built.map(({ week: { days } }) => days),
        basis,
      );
    const cuts = atMost(tapered, cutsOf(context, of, { heaviest, last: built.at(-1)?.week.days }));
    const lighter = of.frame.dayShares && !cuts ? noMoreThan(context, tapered, of) : of;
    const held = comingBack(context, heldBy(context, lighter, built), weeks.at(-1));
    const week = fillWeek(context, held, {
      days: roles[index] ?? [],
      cuts,
      keys,
      placeOf,
    });
    weeks.push(week);
    begun ||= restarts(context.spec, of.frame);
    // What illness or days away take of a taper week, they do not take of the next.
    if (of.frame.dayShares && of.frame.running >= 1) tapered = week.volume;
    if (week.kind === 'building' && week.length === 7 && week.running === 1) {
      // What was run before the climb began anew is cut from no longer.
      if (begun) built.length = 0;
      begun = false;
      built.push({ week, meant: of.volume.volume });
    }
  }
  return weeks;
}

/** A week of the taper is no more than the one before it. */
function atMost(before: number, cuts: Cuts | undefined): Cuts | undefined {
  if (cuts?.atMost === undefined) return cuts;
  return { of: cuts.of, atMost: Math.min(cuts.atMost, before) };
}

/** A week of a taper that no heavier week stands before, to be cut from: it is no more than the one before it either. */
function noMoreThan(context: Context, before: number, of: WeekOfAmounts): WeekOfAmounts {
  const { volume, longRun } = of;
  if (volume.rule === 'pin' || volume.volume <= before) return of;
  const kept = longRun.rule === 'pin' ? longRun.longRun : Math.min(before, longRun.longRun);
  return {
    ...withLongRun(context, of, kept),
    volume: { ...volume, volume: Math.max(before, kept) },
  };
}

/** A week with a shorter long run, and as much less of what it holds. */
function withLongRun({ step }: Context, of: WeekOfAmounts, longRun: number): WeekOfAmounts {
  const { segment } = of;
  const isShorter = segment !== undefined && longRun < of.longRun.longRun;
  return {
    ...of,
    longRun: { ...of.longRun, longRun },
    segment: isShorter ? shortened(segment, longRun, step) : segment,
  };
}

/** A week after one that its runs held down climbs from there, not from what was meant. */
function heldBy(context: Context, of: WeekOfAmounts, built: readonly Built[]): WeekOfAmounts {
  const { volume } = of;
  const last = built.at(-1);
  if (!last || !isShort(last)) return of;
  if (of.frame.dayShares) return noLongerThan(context, of, built);
  const after = mostAfter(context, volume, last);
  if (after >= volume.volume) return of;
  const longRun = heldLongRun(context, of, after);
  const most = Math.max(longRun, after);
  const rule = volume.rule === 'recovery' ? volume.rule : ('bounded' as const);
  return { ...withLongRun(context, of, longRun), volume: { ...volume, volume: most, rule } };
}

/** A week after one of rest is no more of a jump than the house rule allows, however light that one came out. */
function comingBack(
  { rules, step }: Context,
  of: WeekOfAmounts,
  rested: Week | undefined,
): WeekOfAmounts {
  const { volume } = of;
  const rises = volume.rule !== 'pin' && !isAtRecovery(volume) && of.frame.dayShares === undefined;
  if (!rested?.recovery || rested.length < 7 || rested.volumeRule === 'event' || !rises) return of;
  const most = floorTo(returnLimit(rested.volume, rules), step);
  if (rested.volumeRule === 'pin' || most <= 0 || most >= volume.volume) return of;
  const rule = volume.rule === 'event' ? volume.rule : ('bounded' as const);
  return { ...of, volume: { ...volume, volume: Math.max(most, of.longRun.longRun), rule } };
}

/** A taper's long run is no longer than one that was run. */
function noLongerThan(context: Context, of: WeekOfAmounts, built: readonly Built[]): WeekOfAmounts {
  const { longRun } = of;
  const longest = Math.max(...built.map(({ week }) => week.longRun));
  if (longRun.rule === 'pin' || longRun.longRun <= longest) return of;
  return withLongRun(context, of, longest);
}

/** The long run of a week that is held down: half of it at most, or what its other runs need. */
function heldLongRun({ rules, step }: Context, of: WeekOfAmounts, most: number): number {
  const { longRun, wished } = of;
  if (longRun.rule === 'pin') return longRun.longRun;
  const runs = wished.filter(({ role }) => isRun(role)).length;
  const least = leastLongRun(most, runs, step, rules);
  return Math.min(longRun.longRun, Math.max(least, floorTo(most / 2, step)));
}

/** The most a week may be after one that its runs held down to `last`. */
function mostAfter(
  { spec, step }: Context,
  { volume, rule, recovery }: LaidVolume,
  { week: { volume: last }, meant }: Built,
): number {
  const { growth, recovery: rests } = spec.volume;
  if (rule === 'recovery') return floorTo(recoveryLimit(last, rests.depth), step);
  if (rule === 'pin' || rule === 'event' || recovery) return Infinity;
  const capped = Math.max(last, floorTo(growthLimit(last, growth.cap), step));
  // A school that knows no cap rises by as much as it meant to, where that is more.
  return growthSchools[growth.school].keepsCap ? capped : Math.max(capped, last + volume - meant);
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
  // A camp that asks for more cuts nothing.
  if (volume.rule === 'event') return frame.running > 1 ? undefined : eventCuts(context, last);
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
  const { volume, longRun, isPinned: pinned } = amountOf(week);
  const dealIn = (within: Context) => (way: Way) => {
    const toDeal = { days: planned, volume, longRun, pinned, cuts, placeOf, ...way };
    const dealt = dealWeek(within, toDeal, keys);
    const runs = { segment: week.segment, recovery: isAtRecovery(laid) };
    return { volume: dealt.volume, days: layDays(within, dealt.days, runs), way };
  };
  const deal = dealIn(context);
  // A week under way is dealt as it was before it began, so that nothing to come moves.
  const isBegun = context.past.asOf !== undefined && week.frame.start < context.past.asOf;
  const meant = isBegun ? dealIn({ ...context, past: noPast }) : deal;
  const chosen = cuts ? meant(PLAIN) : varied(context, meant, laid.volume);
  const dealt = isBegun ? deal(chosen.way) : chosen;
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

/** How far the days of a week are set apart, and whether its larger ones are run twice. */
type Way = Pick<WeekToDeal, 'contrast' | 'doubled'>;

const PLAIN: Way = { contrast: 1, doubled: false };

/**
 * Ways to make the days of a week differ more, one after the other. Farther apart its
 * easiest day is no run that anyone would go out for beside its largest.
 */
const WAYS: readonly Way[] = [
  { contrast: 1.5, doubled: false },
  { contrast: 1, doubled: true },
  { contrast: 1.5, doubled: true },
];

/**
 * The first way to deal a week whose days are not too much alike, its larger days
 * run twice where its volume allows; the one with the least alike where none is.
 */
function varied<T extends { days: Day[]; volume: number }>(
  { spec, rules }: Context,
  deal: (way: Way) => T,
  volume: number,
): T {
  const most = rules.week.mostMonotony;
  const mayDouble = volume >= rules.week.doublesFrom[spec.athlete.basis] && !isUnder18(spec);
  let best = deal(PLAIN);
  let least = monotonyOf(best.days.map(dayLoad));
  for (const way of WAYS) {
    if (least <= most) return best;
    if (way.doubled && !mayDouble) continue;
    const next = deal(way);
    const monotony = monotonyOf(next.days.map(dayLoad));
    // Days are set apart within the week's volume, not by taking from it.
    if (monotony < least && next.volume >= best.volume) [best, least] = [next, monotony];
  }
  return best;
}

/** Floating-point dust in a sum of miles, m or s. */
const NOISE = 0.5;

/** What a week is, its volume as it was dealt. */
function weekToCome(
  { frame, volume: laid, longRun, segment }: WeekOfAmounts,
  volume: number,
  isCut: boolean,
): WeekThen {
  const { recovery, rule } = laid;
  // A short first week still stands for the start it was taken from, one that an event cuts for nothing.
  const stays = rule === 'short-first-week' || rule === 'event';
  const isLower = volume < laid.volume - NOISE && !isCut && !stays;
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
