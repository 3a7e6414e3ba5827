import { ceilTo, clean, floorTo, sum } from '../../base/index.js';
import { shortestRun } from '../../rules/limits/index.js';
import { isUnder18 } from '../../spec/index.js';
import { isAsWritten } from '../sessions/key-session.js';
import { amountOf, fitSession, lengthOf } from '../sessions/session-lengths.js';
import type { PlannedDay } from '../week/planning.js';
import { isHard, isOther, isPlain } from '../week/roles.js';
import type { Deal } from './open-deal.js';
import { mostBeforeARace } from './cuts.js';
import type { Shape } from './fill.js';
import { shapeOfDay } from './shape.js';

/** One run that shares what the long run and races leave. */
export interface Slot extends Shape {
  index: number;
  second: boolean;
}

/**
 * The runs that share, so few and with sessions so small that the week holds
 * them; with second runs where it would not be held by single ones.
 */
export function slotsThatFit(deal: Deal): Slot[] {
  for (;;) {
    const slots = slotsOf(deal);
    const free = deal.pinned || deal.cuts?.atMost === undefined;
    const least = sum(slots.map(({ floor }) => floor));
    if (free && least > deal.left + 1e-6) {
      if (smallerSession(deal, slots, least - deal.left) || withoutLightest(deal, slots)) continue;
      if (withItsLength(deal, slots)) continue;
      return slots.map((slot) => ({ ...slot, floor: 0 }));
    }
    const most = sum(slots.map(({ ceiling }) => ceiling));
    if (most >= deal.left - 1e-6) return slots;
    if (runTwice(deal, slots)) continue;
    // Rather a longer run than a lighter week.
    if (deal.mostAtOnce === Infinity) return slots;
    deal.mostAtOnce = Infinity;
  }
}

function slotsOf(deal: Deal): Slot[] {
  const { days, fixed, without, twice, context } = deal;
  return days.flatMap((day, index): Slot[] => {
    const double = twice.has(index);
    const shares = isOther(day.role) && !fixed[index] && !without.has(index);
    if (!shares) {
      const isOver = context.past.on(day.date) !== undefined;
      return double && day.role === 'long' && !isOver ? [secondRun(deal, index, deal.most)] : [];
    }
    const shape = shapeOfDay(deal, { ...day, double });
    const first = keyShape(deal, index, double ? firstOf(deal, index, shape) : shape);
    const main = { index, second: false, ...first };
    return double ? [main, secondRun(deal, index, first.ceiling)] : [main];
  });
}

/** Run twice, a day is still no longer than the week's long run. */
function mostOfDay({ most, context }: Deal): number {
  return most / context.rules.week.mostOfLongRun;
}

/** What an event leaves of a day, run twice; weeks that are cut as a whole may deal it otherwise. */
function leftOfDay({ cuts, days }: Deal, index: number): number {
  const day = days[index] as PlannedDay;
  return cuts?.byDay ? cuts.of({ ...day, double: true }).amount : Infinity;
}

/** Longest that one run of a day is, where its week is cut from another: as long as one was. */
function mostOfOne({ cuts, days, context }: Deal, index: number): number {
  const day = days[index] as PlannedDay;
  return cuts ? floorTo(cuts.of({ ...day, double: false }).most, context.step) : Infinity;
}

/** The first run's part of a day that is run twice; where an event cuts the day, of what is left of it. */
function firstOf(deal: Deal, index: number, shape: Shape): Shape {
  const { step, rules, spec } = deal.context;
  const part = 1 / (1 + secondAgainstFirst(deal, index));
  const most = floorTo(mostOfDay(deal) * part, step);
  const whole = leftOfDay(deal, index);
  const beside = whole - shortestRun(rules, spec.athlete.basis, step);
  const left = Math.min(ceilTo(whole * part, step), floorTo(beside, step));
  const ceiling = Math.max(
    shape.floor,
    Math.min(shape.ceiling, left, most, mostOfOne(deal, index)),
  );
  return { ...shape, weight: shape.weight * part, ceiling };
}

/** The second run of a day against its first; a long run and a session are never one of two alike. */
export function secondAgainstFirst({ context, days, kept }: Deal, index: number): number {
  const { rules, spec } = context;
  const isAlike = spec.week.doubles === 'even' && !kept[index] && days[index]?.role !== 'long';
  return isAlike ? 1 : rules.week.second;
}

/** Policy: beside a short session a second run stays the second: two fifths of the day. */
const MOST_OF_FIRST = 2 / 3;

/** What is run beside a first run of at most so much. */
function secondRun(deal: Deal, index: number, first: number): Slot {
  const { rules, step, spec } = deal.context;
  const second = secondAgainstFirst(deal, index);
  const day = deal.days[index] as PlannedDay;
  const floor = shortestRun(rules, spec.athlete.basis, step);
  const { weight, ceiling } = shapeOfDay(deal, { ...day, double: true });
  const part = second / (1 + second);
  const most = Math.min(
    ceiling * part,
    mostOfDay(deal) - first,
    Math.max(second, MOST_OF_FIRST) * first,
  );
  const bound = most === Infinity ? Infinity : Math.max(floor, floorTo(most, step));
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
  const floor = lengthOf(context, key);
  if (floor > bound && !isAsWritten(key.family)) {
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
  const keyed = slots.filter(({ index, second }) => {
    const family = kept[index]?.family;
    return !second && family !== undefined && !isAsWritten(family);
  });
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

/** A session that is run as it is written takes its length, whatever its week holds; false where there is none. */
function withItsLength(deal: Deal, slots: readonly Slot[]): boolean {
  const slot = slots.find(({ index }) => {
    const family = deal.kept[index]?.family;
    return family !== undefined && isAsWritten(family);
  });
  if (!slot) return false;
  deal.fixed = deal.fixed.with(slot.index, { amount: slot.floor, by: 'session' });
  deal.left = Math.max(0, clean(deal.left - slot.floor));
  return true;
}

/**
 * Leaves out the lightest run where more than one is left, rather none the day before
 * something hard; of equals the one nearest to a long run.
 */
function withoutLightest(deal: Deal, slots: readonly Slot[]): boolean {
  const second = slots.find((slot) => slot.second);
  if (second) return deal.twice.delete(second.index);
  const most = sum(slots.map(({ ceiling }) => ceiling));
  const last = towardMidweek(deal, slots).reverse();
  const isLoose = (place: number) => {
    const index = slots[place]?.index ?? 0;
    return isPlain(deal.days[index]?.role ?? 'rest') && !isHard(deal.days[index + 1]?.role);
  };
  const loose = last.filter(isLoose);
  const lightest = (loose.length > 0 ? loose : last).reduce((least, place) =>
    (slots[place]?.weight ?? 0) < (slots[least]?.weight ?? 0) ? place : least,
  );
  const slot = slots[lightest];
  if (!slot) return false;
  // No scrap of a run is kept for the sake of a week that an event cuts.
  const isCut = !deal.pinned && deal.cuts?.byEvent === true;
  const isLast = slots.length < 2 && !(isCut && deal.longRun > 0);
  // Rather all runs short than a week that the others cannot hold.
  if (isLast || (!isCut && most - slot.ceiling < deal.left)) return false;
  deal.without.add(slot.index);
  return true;
}

/** A second run where single ones do not hold the week, from the house rule's volume on; false where none helps. */
function runTwice(deal: Deal, slots: readonly Slot[]): boolean {
  const { context, twice, volume, cuts } = deal;
  const { rules, spec } = context;
  if (cuts || volume < rules.week.doublesFrom[spec.athlete.basis]) return false;
  if (isUnder18(spec)) return false;
  const once = towardMidweek(deal, slots)
    .flatMap((place) => slots[place] ?? [])
    .filter(({ index, second }) => !second && !twice.has(index) && !isBeforeARace(deal, index));
  const rank = (slot: Slot) => rankToDouble(deal, slot.index);
  // Days beside the long run only where longer runs do not help either.
  const most = deal.mostAtOnce === Infinity ? BESIDE_LONG : BESIDE_LONG - 1;
  const open = once.filter((slot) => rank(slot) <= most);
  const index = open.sort((a, b) => rank(a) - rank(b))[0]?.index;
  if (index === undefined) return false;
  twice.add(index);
  return true;
}

function isBeforeARace({ context, days }: Deal, index: number): boolean {
  const date = days[index]?.date;
  return date !== undefined && mostBeforeARace(context, date) < Infinity;
}

/** The last rank to be run twice. */
const BESIDE_LONG = 3;

/** Which days are run twice first: easy ones in mid-week, those with a session, the semi-long, those beside the long run. */
function rankToDouble({ days, kept, placeOf }: Deal, index: number): number {
  const { since, until } = placeOf(days[index]?.date ?? '');
  if (since === 1 || until === 1) return BESIDE_LONG;
  if (days[index]?.role === 'semi-long') return 2;
  return kept[index] ? 1 : 0;
}

/** Places of the runs, those farthest from a long run on either side first. */
export function towardMidweek({ days, placeOf }: Deal, slots: readonly Slot[]): number[] {
  const apart = slots.map(({ index, second }) => {
    const { since, until } = placeOf(days[index]?.date ?? '');
    return second ? 0 : Math.min(since, until);
  });
  return slots.map((_, place) => place).sort((a, b) => (apart[b] ?? 0) - (apart[a] ?? 0) || a - b);
}
