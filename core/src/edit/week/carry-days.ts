import { apportion, clean, sum, weekdayOf } from '../../base/index.js';
import { layoutStep, rulesOf } from '../../rules/index.js';
import { fixedDatesOf, isRaced } from '../../layout/index.js';
import type { Block, Day, Week } from '../../layout/block/index.js';
import {
  type FixedDay,
  type FixedWeekday,
  isRun,
  type PatternRole,
  withFixedDay,
} from '../../spec/days/index.js';
import { withPin } from '../../spec/index.js';
import { type Command, weekWords } from '../index.js';

/** How the days of a week are carried to others: length for length, or as parts of each week. */
export type Carrying = 'as-they-are' | 'scaled';

/**
 * Gives weeks the days of another, weekday by weekday: what is run, how far, and
 * what the coach wrote for them. Each week becomes the sum of its days; scaled, it
 * keeps its own volume, and its days add up to it. Race week stays as it is.
 */
export function carryDays(
  block: Block,
  from: number,
  weeks: readonly number[],
  how: Carrying,
): Command {
  const source = block.weeks[from - 1];
  const targets = weeks.flatMap((number) => {
    const week = block.weeks[number - 1];
    return week && number !== from && week.kind !== 'race' ? [week] : [];
  });
  const carried = targets.reduce(
    (spec, week) => (source ? carryTo(block, source, week, { ...spec, how }) : spec),
    { days: block.spec.days, pins: block.spec.pins },
  );
  const numbers = targets.map(({ number }) => number);
  const scaled = how === 'scaled' ? ', scaled to each' : '';
  return {
    change: carried,
    message: `Copied the days of week ${from} to ${weekWords(numbers)}${scaled}.`,
  };
}

/** Keeps the lengths of a week's plain days on these weekdays all through the block. */
export function keepLengths({ spec, weeks }: Block, from: number): Command {
  const plain = (weeks[from - 1]?.days ?? []).filter(
    ({ role, rule }) => isRun(role) && role !== 'long' && role !== 'quality' && rule !== 'race',
  );
  const rules = plain.map(({ date, role, [spec.athlete.basis]: amount }): FixedWeekday => ({
    weekday: weekdayOf(date),
    role: role as PatternRole,
    amount,
  }));
  const fixed = (spec.week.fixed ?? []).filter(
    (each) => !rules.some(({ weekday }) => weekday === each.weekday),
  );
  return {
    change: { week: { ...spec.week, fixed: [...fixed, ...rules] } },
    message: `Repeated the easy days of week ${from} through the block.`,
  };
}

interface Carried {
  days: FixedDay[];
  pins: Block['spec']['pins'];
}

/** A day, and the date of another week that takes what it holds. */
interface Pair {
  day: Day;
  onto: Day;
}

function carryTo(
  block: Block,
  source: Week,
  target: Week,
  { days, pins, how }: Carried & { how: Carrying },
): Carried {
  const pairs = target.days.flatMap((onto): Pair[] => {
    const day = source.days.find(({ date }) => weekdayOf(date) === weekdayOf(onto.date));
    return day && !isRaced(onto.role) && !isRaced(day.role) ? [{ day, onto }] : [];
  });
  const amounts = amountsOf(block, target, pairs, how);
  const carried = pairs.reduce<Carried>(
    (so, { day, onto }, place) => {
      const amount = amounts[place] ?? 0;
      if (day.role !== 'long') {
        const part = carriedDay(block, day, amount);
        return { ...so, days: withFixedDay(so.days, onto.date, part) };
      }
      const moved = withFixedDay(so.days, onto.date, { role: 'long' });
      return {
        days: onto.role === 'long' ? so.days : moved,
        pins: withPin(so.pins, target.number, 'longRun', amount),
      };
    },
    { days, pins },
  );
  // Where a race stands on its day the long run of these days is left out, and no other takes its place.
  if (target.longRun > 0 && !pairs.some(({ day }) => day.role === 'long')) {
    carried.pins = withPin(carried.pins, target.number, 'longRun', 0);
  }
  const volume = clean(sum(amounts) + racedIn(block, target));
  return { ...carried, pins: withPin(carried.pins, target.number, 'volume', volume) };
}

/** What each day comes to: as it is, or so that the week stays as large as it was. */
function amountsOf(block: Block, target: Week, pairs: readonly Pair[], how: Carrying): number[] {
  const { athlete } = block.spec;
  const held = pairs.map(({ day }) => day[athlete.basis]);
  if (how === 'as-they-are') return held;
  const isWritten = pairs.map(({ day }) => textOf(block, day) !== undefined);
  const written = sum(held.filter((_, place) => isWritten[place]));
  const left = Math.max(0, target.volume - racedIn(block, target) - written);
  const shared = held.map((amount, place) => (isWritten[place] ? 0 : amount));
  const step = layoutStep(athlete, rulesOf(block.spec));
  const scale = sum(shared) > 0 ? left / sum(shared) : 0;
  const steps = apportion(
    shared.map((amount) => amount * scale),
    step,
    Math.floor(left / step),
  );
  const over = left - step * sum(steps);
  const largest = shared.indexOf(Math.max(...shared));
  return held.map((amount, place) =>
    isWritten[place] ? amount : clean(step * (steps[place] ?? 0) + (place === largest ? over : 0)),
  );
}

function racedIn({ spec }: Block, { days }: Week): number {
  return sum(days.filter(({ role }) => isRaced(role)).map((day) => day[spec.athlete.basis]));
}

/** What the coach wrote of a day that is run. */
function textOf(block: Block, { date, role }: Day): string | undefined {
  return isRun(role) ? fixedDatesOf(block).get(date)?.session : undefined;
}

/** A day that is no long run, as it is fixed on another date. */
function carriedDay(block: Block, day: Day, amount: number): Partial<FixedDay> {
  const { session, firstRun, otherRun, crossTime } = fixedDatesOf(block).get(day.date) ?? {};
  const { role, beside } = day;
  const plain = {
    ...{ amount: undefined, firstRun: undefined, otherRun: undefined },
    ...{ session, swap: undefined, crossTime },
  };
  if (!isRun(role) || amount === 0) {
    const instead = isRun(role) ? 'rest' : (role as PatternRole);
    return { ...plain, role: instead, cross: beside.cross };
  }
  const length = session === undefined ? { amount, firstRun } : { otherRun };
  return { ...plain, ...length, role: role as PatternRole, double: beside.double ?? false };
}
