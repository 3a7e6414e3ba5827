import type { Day } from '../block/day.js';
import { fixedDayOf } from '../../spec/days/index.js';
import { ceilTo, type CivilDate, clean, floorTo, sum } from '../../base/index.js';
import { isUnder18 } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import { raceDay } from './race-day.js';
import { noPast } from '../past/past.js';
import type { KeySession } from '../sessions/fill-sessions.js';
import { amountOf, fitSession, ownLength } from '../sessions/session-lengths.js';
import { type PlannedDay, isOther, isRaced } from '../week/plan-week.js';
import { type Shape, fill } from './fill.js';
import { type Shaping, shapeOfDay, weightOf } from './shape.js';

/** What a day runs, before it is put into words. Amounts in m or s. */
export interface DealtDay {
  day: PlannedDay;
  /** In the order of the day: of two runs the shorter comes first. */
  runs: number[];
  /** The place among them of the one that the session is built around. */
  main: number;
  /** The session that the main run is built around. */
  key: KeySession | undefined;
  fixed: 'pin' | 'own-session' | 'past' | undefined;
}

/** A week's volume and its days. */
export interface DealtWeek {
  /** As meant, or less where its runs do not hold as much. */
  volume: number;
  days: DealtDay[];
}

/** A week that is dealt out to its days. Amounts in m or s. */
export interface WeekToDeal extends Pick<Shaping, 'placeOf' | 'cuts' | 'contrast'> {
  days: readonly PlannedDay[];
  volume: number;
  longRun: number;
  /** True where its larger days may be run twice, so that days differ. */
  doubled: boolean;
  /** True where its volume is run whatever its days bear. */
  pinned: boolean;
}

/** The running of a day that shares no more. */
interface Fixed {
  amount: number;
  by: NonNullable<DealtDay['fixed']>;
}

/** One run that shares what the long run and races leave. */
interface Slot extends Shape {
  index: number;
  second: boolean;
}

/** A week while it is dealt out, day by day. Amounts in m or s. */
interface Deal extends Shaping, Omit<WeekToDeal, keyof Shaping> {
  raced: readonly number[];
  /** What long run and races leave, and of it what the fixed days leave. */
  left: number;
  fixed: readonly (Fixed | undefined)[];
  /** Key sessions that stay, made smaller where they must be. */
  kept: (KeySession | undefined)[];
  /** Days that get no run for want of volume. */
  without: Set<number>;
  /** Days that are run twice. */
  twice: Set<number>;
}

/**
 * Deals a week's volume out to its days: races and the long run as laid, pinned
 * days and written sessions as they are, key sessions at their own length, the
 * rest by shape, between floors and ceilings. What its runs cannot hold lowers
 * the week, unless it is pinned. What pins and written sessions ask beyond the
 * week is run all the same; a check says so.
 */
export function dealWeek(
  context: Context,
  week: WeekToDeal,
  keys: ReadonlyMap<CivilDate, KeySession>,
): DealtWeek {
  if (!isTouched(context, week.days)) return dealOut(dealOf(context, week, keys));
  const dealt = dealOut(dealOf({ ...context, past: noPast }, week, keys));
  const { basis } = context.spec.athlete;
  // What is over was run; where that is what would be dealt, nothing to come moves.
  const stands = dealt.days.every(({ day: { date }, runs }) => {
    const then = context.past.on(date)?.day;
    return !then || then.swap !== undefined || then[basis] === clean(sum(runs));
  });
  return stands ? dealt : dealOut(dealOf(context, week, keys));
}

/** Whether any of the days is over. */
function isTouched({ past: { asOf } }: Context, [first]: readonly PlannedDay[]): boolean {
  return asOf !== undefined && first !== undefined && first.date < asOf;
}

function dealOf(
  context: Context,
  week: WeekToDeal,
  keys: ReadonlyMap<CivilDate, KeySession>,
): Deal {
  const { rules, eventDays, past, spec } = context;
  const { days, volume, longRun } = week;
  const raced = days.map(({ date, role }) => {
    const race = eventDays.get(date)?.race;
    if (!isRaced(role) || !race) return 0;
    return (
      past.on(date)?.day[spec.athlete.basis] ??
      ownLength(context, date) ??
      Math.min(raceDay(context, race).amount, Math.max(0, volume - longRun))
    );
  });
  const longest = Math.max(longRun, ...raced);
  const most = longest > 0 ? rules.week.mostOfLongRun * longest : Infinity;
  const fixed = days.map((day) => fixedByCoach(context, day));
  const kept = days.map(({ date }, index): KeySession | undefined => {
    const key = keys.get(date);
    const held = fixed[index];
    if (!key || held?.by === 'own-session') return undefined;
    // A pinned day keeps its session, or as much of it as the pin has room for.
    const fits = !held || amountOf(context, key.laid) <= held.amount;
    return fits ? key : fitSession(context, key, date, held.amount);
  });
  const taken = sum(fixed.map((each) => each?.amount ?? 0));
  const twice = new Set(
    days.flatMap((day, index) =>
      day.double === true || (week.doubled && isOther(day.role) && isLarge(context, week, day))
        ? [index]
        : [],
    ),
  );
  const left = Math.max(0, clean(volume - longRun - sum(raced) - taken));
  // Runs that are to stay as they are know no ceiling but the taper's.
  const free = spec.week.midweek !== undefined && week.cuts?.atMost === undefined;
  const { pinned, doubled, cuts, placeOf, contrast } = week;
  return {
    days,
    volume,
    longRun,
    pinned,
    doubled,
    cuts,
    placeOf,
    contrast,
    context,
    raced,
    left,
    most: free ? Infinity : most,
    fixed,
    kept,
    without: new Set(),
    twice,
  };
}

function fixedByCoach(context: Context, { date, role }: PlannedDay): Fixed | undefined {
  if (!isOther(role)) return undefined;
  const past = context.past.on(date)?.day;
  if (past) return { amount: amountOfPast(context, past), by: 'past' };
  const pinned = fixedDayOf(context.spec.days, date).amount;
  if (pinned !== undefined) return { amount: pinned, by: 'pin' };
  const own = ownLength(context, date);
  return own === undefined ? undefined : { amount: own, by: 'own-session' };
}

/** What a day that is over took of its week; swapped running, as if it had been run. */
function amountOfPast({ spec, easyOn }: Context, { date, swap, cross, ...day }: Day): number {
  if (!swap) return day[spec.athlete.basis];
  return spec.athlete.basis === 'time'
    ? cross.time
    : Math.round((cross.time / easyOn(date)) * 1000);
}

function dealOut(deal: Deal): DealtWeek {
  const slots = slotsThatFit(deal);
  const meant = meantFor(deal, slots);
  const amounts = amountsFor(deal, slots, meant);
  const parts: number[][] = deal.fixed.map((held, index) =>
    held ? split(deal, index, held.amount) : [],
  );
  slots.forEach(({ index }, place) => {
    const amount = amounts[place] ?? 0;
    if (amount > 0) parts[index]?.push(amount);
  });
  const volume = deal.pinned ? deal.volume : volumeOf(deal, meant, sum(amounts));
  return { volume, days: deal.days.map((_, index) => dealtDay(deal, parts, index)) };
}

/** As meant, or less by what its runs do not hold; in a taper the sum of its runs as they are cut. */
function volumeOf(deal: Deal, meant: number, shared: number): number {
  const { cuts, days, fixed, longRun, raced, volume } = deal;
  if (cuts?.atMost === undefined) return clean(volume - Math.max(0, meant - shared));
  const cut = days.map((day, index) => Math.min(fixed[index]?.amount ?? 0, cuts.of(day).amount));
  return clean(longRun + sum(raced) + shared + sum(cut));
}

function dealtDay(
  { days, longRun, raced, kept, fixed }: Deal,
  parts: number[][],
  index: number,
): DealtDay {
  const day = days[index] as PlannedDay;
  const own = day.role === 'long' ? longRun : (raced[index] ?? 0);
  const shared = parts[index] ?? [];
  const runs = [...(own > 0 ? [own] : []), ...shared].sort((one, other) => one - other);
  return { day, runs, main: runs.length - 1, key: kept[index], fixed: fixed[index]?.by };
}

/** What the runs that share are to come to. */
function meantFor(deal: Deal, slots: readonly Slot[]): number {
  const { cuts, pinned, left, context, longRun, raced } = deal;
  if (cuts?.atMost === undefined || pinned) return left;
  const bounded = slots.map(({ weight, floor, ceiling }) =>
    Math.min(ceiling, Math.max(floor, weight)),
  );
  const most = Math.max(0, cuts.atMost - longRun - sum(raced));
  return floorTo(Math.min(sum(bounded), most), context.step);
}

function amountsFor(deal: Deal, dealt: readonly Slot[], meant: number): number[] {
  const { step } = deal.context;
  const least = sum(dealt.map(({ floor }) => floor));
  const slots = least > meant ? dealt.map((slot) => ({ ...slot, floor: 0 })) : dealt;
  const amounts = fill(meant, slots, step, towardMidweek(deal, slots));
  const over = clean(meant - sum(amounts));
  if (over <= 1e-6 || !(deal.pinned || deal.context.spec.week.midweek !== undefined))
    return amounts;
  // What is pinned is run, ceilings or not.
  const open = slots.filter(({ index }) => !deal.kept[index]);
  const raised = slots.map((slot, place): Shape => {
    const at = amounts[place] ?? 0;
    // A session keeps its length as long as another run can take more.
    const isKept = deal.kept[slot.index] !== undefined && open.length > 0;
    return { weight: slot.weight, floor: at, ceiling: isKept ? at : Infinity };
  });
  return fill(meant, raised, step, towardMidweek(deal, slots));
}

/** Places of the runs, those farthest from a long run on either side first. */
function towardMidweek({ days, placeOf }: Deal, slots: readonly Slot[]): number[] {
  const apart = slots.map(({ index, second }) => {
    const { since, until } = placeOf(days[index]?.date ?? '');
    return second ? 0 : Math.min(since, until);
  });
  return slots.map((_, place) => place).sort((a, b) => (apart[b] ?? 0) - (apart[a] ?? 0) || a - b);
}

/**
 * The runs that share, so few and with sessions so small that the week holds
 * them; with second runs where it would not be held by single ones.
 */
function slotsThatFit(deal: Deal): Slot[] {
  for (;;) {
    const slots = slotsOf(deal);
    const free = deal.pinned || deal.cuts?.atMost === undefined;
    const least = sum(slots.map(({ floor }) => floor));
    if (free && least > deal.left + 1e-6) {
      if (smallerSession(deal, slots, least - deal.left) || withoutLightest(deal, slots)) continue;
      return slots.map((slot) => ({ ...slot, floor: 0 }));
    }
    const most = sum(slots.map(({ ceiling }) => ceiling));
    if (most < deal.left - 1e-6 && runTwice(deal, slots)) continue;
    return slots;
  }
}

function slotsOf(deal: Deal): Slot[] {
  const { days, fixed, without, twice, context } = deal;
  return days.flatMap((day, index): Slot[] => {
    const double = twice.has(index);
    const shares = isOther(day.role) && !fixed[index] && !without.has(index);
    if (!shares) {
      const isOver = context.past.on(day.date) !== undefined;
      return double && day.role === 'long' && !isOver ? [secondRun(deal, index)] : [];
    }
    const shape = shapeOfDay(deal, { ...day, double });
    const main = {
      index,
      second: false,
      ...keyShape(deal, index, double ? firstOf(context, shape) : shape),
    };
    return double ? [main, secondRun(deal, index)] : [main];
  });
}

/** The first run's part of a day that is run twice. */
function firstOf({ rules }: Context, shape: Shape): Shape {
  return { ...shape, weight: shape.weight / (1 + rules.week.second) };
}

function secondRun(deal: Deal, index: number): Slot {
  const { rules, step, spec } = deal.context;
  const { second, shortestRun } = rules.week;
  const day = deal.days[index] as PlannedDay;
  const floor = ceilTo(shortestRun[spec.athlete.basis], step);
  const { weight, ceiling } = shapeOfDay(deal, { ...day, double: true });
  const part = second / (1 + second);
  const bound = ceiling === Infinity ? Infinity : Math.max(floor, floorTo(ceiling * part, step));
  return {
    index,
    second: true,
    weight: weight * part,
    floor: Math.min(floor, bound),
    ceiling: bound,
  };
}

/** A quality day takes its session's own length, with room to warm up and cool down. */
function keyShape(deal: Deal, index: number, shape: Shape): Shape {
  const { context, kept, days, cuts } = deal;
  const key = kept[index];
  if (!key) return shape;
  const { rules, spec, step } = context;
  const { warmUp, mostWarmUp } = rules.sessions;
  const [least, most] = [2 * warmUp[spec.athlete.basis], 2 * mostWarmUp[spec.athlete.basis]];
  const day = days[index] as PlannedDay;
  // A cut leaves a session its room, as long as it is no longer than on its day before.
  const bound = cuts
    ? Math.max(shape.ceiling, Math.min(floorTo(deal.most, step), floorTo(cuts.of(day).most, step)))
    : shape.ceiling;
  const core = amountOf(context, key.laid);
  const floor = ceilTo(core + least, step);
  if (floor > bound) {
    kept[index] = fitSession(context, key, day.date, bound - least);
    return keyShape(deal, index, shape);
  }
  const ceiling = Math.max(floor, Math.min(shape.ceiling, floorTo(core + most, step)));
  return { ...shape, floor, ceiling };
}

/** Makes the longest key session smaller by what the week lacks; false where none is left. */
function smallerSession(deal: Deal, slots: readonly Slot[], lack: number): boolean {
  const { context, kept, days } = deal;
  const { rules, spec } = context;
  const keyed = slots.filter(({ index, second }) => !second && kept[index]);
  const longest = keyed.reduce(
    (most, slot) => (slot.floor > most.floor ? slot : most),
    keyed[0] ?? NO_SLOT,
  );
  const key = kept[longest.index];
  if (!key) return false;
  const least = 2 * rules.sessions.warmUp[spec.athlete.basis];
  kept[longest.index] = fitSession(
    context,
    key,
    days[longest.index]?.date ?? '',
    Math.min(longest.floor - least - lack, amountOf(context, key.laid) - 1),
  );
  return true;
}

const NO_SLOT: Slot = { index: -1, second: false, weight: 0, floor: 0, ceiling: 0 };

/** Leaves out the lightest run where more than one is left; of equals the one nearest to a long run. */
function withoutLightest(deal: Deal, slots: readonly Slot[]): boolean {
  const second = slots.find((slot) => slot.second);
  if (second) return deal.twice.delete(second.index);
  const most = sum(slots.map(({ ceiling }) => ceiling));
  const last = towardMidweek(deal, slots).reverse();
  const lightest = last.reduce((least, place) =>
    (slots[place]?.weight ?? 0) < (slots[least]?.weight ?? 0) ? place : least,
  );
  const slot = slots[lightest];
  // Rather all runs short than a week that the others cannot hold.
  if (!slot || slots.length < 2 || most - slot.ceiling < deal.left) return false;
  deal.without.add(slot.index);
  return true;
}

/** A second run where single ones do not hold the week, from the house rule's volume on; false where none helps. */
function runTwice(deal: Deal, slots: readonly Slot[]): boolean {
  const { context, twice, volume, cuts } = deal;
  const { rules, spec } = context;
  if (cuts || deal.pinned || volume < rules.week.doublesFrom[spec.athlete.basis]) return false;
  if (isUnder18(spec)) return false;
  const next = towardMidweek(deal, slots).find((place) => {
    const slot = slots[place];
    return slot && !slot.second && !twice.has(slot.index) && !deal.kept[slot.index];
  });
  const index = next === undefined ? undefined : slots[next]?.index;
  if (index === undefined) return false;
  twice.add(index);
  return true;
}

/** True for a day that weighs more than an easy one. */
function isLarge(context: Context, { placeOf, cuts }: WeekToDeal, day: PlannedDay): boolean {
  return weightOf({ context, placeOf, most: Infinity, cuts, contrast: 1 }, day) > 1;
}

/** A pinned day that is run twice is pinned as a whole. */
function split({ context, twice }: Deal, index: number, amount: number): number[] {
  const { rules, spec, step } = context;
  const least = rules.week.shortestRun[spec.athlete.basis];
  const second = Math.floor((amount * rules.week.second) / (1 + rules.week.second) / step) * step;
  const both = twice.has(index) && second >= least && amount - second >= least;
  return both ? [clean(amount - second), clean(second)] : [amount];
}
