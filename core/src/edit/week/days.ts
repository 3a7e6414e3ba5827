import { capital, dayWords, formatPlain } from '../../base/format/index.js';
import {
  type DayRole,
  dayRoleWords,
  type FixedDay,
  type PatternRole,
  runRole,
  type SwapReason,
  withFixedDay,
  type WorkKind,
} from '../../spec/days/index.js';
import {
  addDays,
  type CivilDate,
  clean,
  type Measure,
  quantum,
  weekdayOf,
} from '../../base/index.js';
import { type CrossKind, crossWords } from '../../rules/index.js';
import { cycleLength } from '../../spec/index.js';
import { linkPaces } from '../../sessions/index.js';
import { fixedDatesOf } from '../../layout/index.js';
import { type Block, type Day, mainOf } from '../../layout/block/index.js';
import { type Command, pinWeek } from '../index.js';
import { lengthenWritten } from './lengthen-written.js';

/** A command, or why there is none, in a sentence. */
export type CommandOrNot = Command | string;

/** Roles that races and tests give; they are moved where they are placed. */
const PLACED: ReadonlySet<DayRole> = new Set(['race', 'tune-up', 'test']);

/** Swaps what two days hold: roles, sessions and whatever the coach fixed of them. */
export function moveDay(block: Block, from: CivilDate, to: CivilDate): CommandOrNot {
  const [one, other] = [dayOf(block, from), dayOf(block, to)];
  if (!one || !other) return 'That day is outside the block.';
  if (from === to) return 'It stands there already.';
  const placed = [one, other].find(({ day }) => PLACED.has(day.role));
  if (placed) return 'A race or test is moved where it is placed, in “Races & days away”.';
  const sameWeek = one.week === other.week;
  const isLong = one.day.role === 'long' || other.day.role === 'long';
  if (isLong && !sameWeek) return 'The long run stays in its week; fix its length instead.';
  const { days } = block.spec;
  const first = withFixedDay(days, to, heldBy(block, one.day, sameWeek));
  return {
    change: { days: withFixedDay(first, from, heldBy(block, other.day, sameWeek)) },
    message: `Swapped ${dayWords(from)} and ${dayWords(to)}.`,
  };
}

/** Puts what a day holds on the same day of the next week too; of the next cycle, where one is no whole weeks. */
export function copyOn(block: Block, date: CivilDate): CommandOrNot {
  const cycle = cycleLength(block.spec);
  const to = addDays(date, cycle % 7 === 0 ? 7 : cycle);
  const [one, other] = [dayOf(block, date), dayOf(block, to)];
  if (!one || !other) return `The block does not reach ${dayWords(to)}; nothing was copied.`;
  if (PLACED.has(one.day.role) || PLACED.has(other.day.role)) {
    return 'A race or test is placed in “Races & days away”; nothing is copied over it.';
  }
  if (one.day.role === 'long') return 'Every week has its own long run; fix its length instead.';
  return {
    change: { days: withFixedDay(block.spec.days, to, heldBy(block, one.day, false)) },
    message: `Copied ${dayWords(date)} to ${dayWords(to)}.`,
  };
}

/**
 * Makes a day longer or shorter by shown steps; a long run is pinned with its week.
 *
 * @param shown the steps it shows now, rounded so that the week adds up, and how many more
 */
export function lengthenDay(
  block: Block,
  date: CivilDate,
  { shown, by }: { shown: number; by: number },
  measure: Measure,
): CommandOrNot {
  const found = dayOf(block, date);
  if (found?.day.swap) return 'This day is not run. Run it again first, then change its length.';
  if (found?.day.role === 'cross-train') return lengthenCross(block, found.day, by);
  return pinDay(block, date, Math.max(0, clean((shown + by) * quantum(measure))), measure);
}

/** Seconds that a step makes cross-training longer by. */
const CROSS_STEP = 300;

function lengthenCross(block: Block, { date, cross, beside }: Day, by: number): Command {
  const crossTime = Math.max(CROSS_STEP, Math.round(cross.time / CROSS_STEP + by) * CROSS_STEP);
  // Its kind and its session stay, whether the date or its weekday has them.
  const { session } = fixedDatesOf(block).get(date) ?? {};
  const part = { role: 'cross-train', cross: beside.cross, session, crossTime } as const;
  return {
    change: { days: withFixedDay(block.spec.days, date, part) },
    message: `Fixed ${dayWords(date)} at ${crossTime / 60} min.`,
  };
}

/** Fixes the running of a day at an amount in m or s; nothing makes it a day of rest. */
export function pinDay(
  block: Block,
  date: CivilDate,
  amount: number,
  measure: Measure,
): CommandOrNot {
  const found = dayOf(block, date);
  if (!found || PLACED.has(found.day.role)) return 'This day has no length of its own.';
  const { role } = found.day;
  if (role === 'long') {
    if (amount <= 0) return 'Move the long run, or drop it with its week; it cannot be nothing.';
    return pinWeek(block, { week: found.week, field: 'longRun' }, amount, measure);
  }
  if (amount <= 0) return setDayRole(block, date, 'rest');
  const written = lengthenWritten(block, found.day, amount, measure);
  if (written !== undefined) return written;
  // Its own role goes with it: the week may have given it one against its pattern.
  const part: Partial<FixedDay> = {
    amount,
    session: undefined,
    swap: undefined,
    role: runRole(role),
  };
  return {
    change: { days: withFixedDay(block.spec.days, date, part) },
    message: `Fixed ${dayWords(date)} at ${formatPlain(amount, measure)}.`,
  };
}

/** Gives one date a role; what was fixed for the role it had goes. */
export function setDayRole(block: Block, date: CivilDate, role: PatternRole): CommandOrNot {
  const found = dayOf(block, date);
  if (!found || PLACED.has(found.day.role)) {
    return 'A race or test is moved where it is placed, in “Races & days away”.';
  }
  const { days } = block.spec;
  const plain = {
    role,
    amount: undefined,
    session: undefined,
    swap: undefined,
    follow: undefined,
    crossTime: undefined,
  };
  const words = `Made ${dayWords(date)} ${dayRoleWords[role]}.`;
  if (role !== 'long') return { change: { days: withFixedDay(days, date, plain) }, message: words };
  const long = block.weeks[found.week - 1]?.days.find((day) => day.role === 'long');
  if (!long) return 'This week has no long run; fix one first.';
  const moved = withFixedDay(days, long.date, { role: 'easy', session: undefined });
  return { change: { days: withFixedDay(moved, date, plain) }, message: words };
}

/** Moves the week's day of rest to a date; what stood there goes where the rest was. */
export function moveRest(block: Block, to: CivilDate): CommandOrNot {
  const found = dayOf(block, to);
  const week = found && block.weeks[found.week - 1];
  const rest = week?.days.find(({ role, rule }) => role === 'rest' && rule === 'rest');
  return rest ? moveDay(block, rest.date, to) : 'This week has no day of rest to move.';
}

/** Writes a session for a date in shorthand; nothing leaves the day to the week again. */
export function writeSession(
  { spec }: Block,
  date: CivilDate,
  text: string | undefined,
  follow = false,
): Command {
  const session = text === undefined ? undefined : linkPaces(text, spec.paces.table);
  const part: Partial<FixedDay> = {
    session,
    amount: undefined,
    follow: follow && session !== undefined ? true : undefined,
  };
  const words = session === undefined ? 'Took the session off' : 'Wrote a session for';
  return {
    change: { days: withFixedDay(spec.days, date, part) },
    message: `${words} ${dayWords(date)}.`,
  };
}

/** Does a day's running otherwise, minute for minute. */
export function swapForCross(
  { spec }: Block,
  date: CivilDate,
  kind: CrossKind,
  reason: SwapReason,
): Command {
  return {
    change: { days: withFixedDay(spec.days, date, { swap: { kind, reason } }) },
    message: `${crossWords[kind].title} instead of running on ${dayWords(date)} (${reason}).`,
  };
}

/** Runs a swapped day again. */
export function swapBack(block: Block, date: CivilDate): Command {
  const day = dayOf(block, date)?.day;
  // One that went indoors by the plan stays outdoors where the coach fixes it.
  const kept = day?.swap?.reason === 'indoors' ? { role: runRole(day.role) } : {};
  return {
    change: { days: withFixedDay(block.spec.days, date, { swap: undefined, ...kept }) },
    message: `Running again on ${dayWords(date)}.`,
  };
}

/** Why a date that its weekday fixes is not freed alone. */
export function weekdayStays(date: CivilDate): string {
  const name = capital(weekdayOf(date));
  return `${name}s are fixed through the block. Free them under Hard days, or fix this day as it should be.`;
}

/** Adds or takes what goes with a day: a second run, strength or other work, strides. */
export function setBeside(
  { spec }: Block,
  date: CivilDate,
  part: Pick<FixedDay, 'double' | WorkKind | 'addOn' | 'cross' | 'crossTime'>,
): Command {
  return {
    change: { days: withFixedDay(spec.days, date, part) },
    message: `Changed what goes with ${dayWords(date)}.`,
  };
}

/** Leaves a date to the week again, with all that was fixed of it. */
export function freeDay(block: Block, date: CivilDate): CommandOrNot {
  const { spec } = block;
  if (!spec.days.some((day) => day.date === date) && fixedDatesOf(block).has(date)) {
    return weekdayStays(date);
  }
  return {
    change: { days: spec.days.filter((day) => day.date !== date) },
    message: `Reset ${dayWords(date)}.`,
  };
}

function dayOf({ weeks }: Block, date: CivilDate): { week: number; day: Day } | undefined {
  for (const { number, days } of weeks) {
    const day = days.find((each) => each.date === date);
    if (day) return { week: number, day };
  }
  return undefined;
}

/** What a day holds as a wish for another date; away from its week a session goes along as text. */
function heldBy(block: Block, day: Day, sameWeek: boolean): FixedDay {
  const { spec } = block;
  const { date, role, beside } = day;
  const main = mainOf(day);
  const { amount, firstRun, otherRun, session, follow, swap, crossTime } =
    fixedDatesOf(block).get(date) ?? {};
  const key = main?.family ? linkPaces(main.shorthand, spec.paces.table) : undefined;
  const asText = session ?? (sameWeek ? undefined : key);
  return {
    date,
    role: role as PatternRole,
    amount,
    firstRun,
    otherRun,
    session: asText,
    follow,
    swap,
    double: beside.double ?? false,
    strength: beside.strength ?? false,
    core: beside.core,
    mobility: beside.mobility,
    // The text has it already.
    addOn: (asText === undefined ? beside.addOn : undefined) ?? 'nothing',
    cross: beside.cross,
    crossTime,
  };
}
