import { capital, dayWords } from '../../base/format/index.js';
import { type CivilDate, differenceInDays, weekdayOf } from '../../base/index.js';
import type { HouseRules } from '../../rules/index.js';
import {
  dayRoleWords,
  type FixedDay,
  type PatternRole,
  withFixedDay,
} from '../../spec/days/index.js';
import { fixedDatesOf } from '../../layout/index.js';
import { type Block, type Day, mainOf } from '../../layout/block/index.js';
import { linkPaces } from '../../sessions/index.js';
import type { Command } from '../index.js';

/** How a week may be run where some of its days will not do. */
export interface Arrangement {
  command: Command;
  /** Where each demanding day went, in words. */
  words: string;
  /** What is run on each day of the week from the first open one on. */
  days: { date: CivilDate; role: PatternRole }[];
}

/** Roles that are given a place first: the long run, then what is hard. */
const DEMANDING: readonly Day['role'][] = ['long', 'quality', 'semi-long'];
const HARD: ReadonlySet<Day['role']> = new Set(['long', 'quality', 'race', 'tune-up', 'test']);
/** What a day too close to another costs, against a day of moving; what a dropped one costs. Policy. */
const COST = { close: 8, dropped: 12 };
const MOST = 3;

/**
 * Where a week’s runs may find a place when some days will not do: the best three
 * arrangements, by how far the demanding days move, whether easy days still stand
 * between them, and what has no place. An easy run on a day that will not do is
 * dropped; nothing is made up.
 *
 * @param from days before it stay as they are
 * @param blocked days of the week on which nothing can be run
 */
export function arrangeAround(
  { block, rules }: { block: Block; rules: HouseRules },
  week: number,
  { from, blocked }: { from: CivilDate; blocked: ReadonlySet<CivilDate> },
): Arrangement[] {
  const days = block.weeks[week - 1]?.days ?? [];
  const open = days.filter(({ date, role }) => date >= from && !PLACED.has(role));
  const lost = open.filter(({ date, time }) => blocked.has(date) && time > 0);
  if (lost.length === 0) return [];
  const demanding = open
    .filter(({ role }) => DEMANDING.includes(role))
    .sort((one, other) => DEMANDING.indexOf(one.role) - DEMANDING.indexOf(other.role));
  const free = open.filter(({ date }) => !blocked.has(date)).map(({ date }) => date);
  const stay = days.filter((day) => !open.includes(day) && HARD.has(day.role));
  const scored = placings(demanding, free).map((placing) => ({
    placing,
    cost: costOf(placing, stay, rules.week.easyBetween),
  }));
  return scored
    .sort((one, other) => one.cost - other.cost)
    .slice(0, MOST)
    .map(({ placing }) => arrangementOf(block, open, placing, blocked));
}

const PLACED: ReadonlySet<Day['role']> = new Set(['race', 'tune-up', 'test']);

/** Each demanding day with its new date; undefined where it is dropped. */
type Placing = readonly { day: Day; to: CivilDate | undefined }[];

/** Every way in which the demanding days may stand on free ones, dropped days included. */
function placings(demanding: readonly Day[], free: readonly CivilDate[]): Placing[] {
  const [day, ...rest] = demanding;
  if (!day) return [[]];
  return [...free, undefined].flatMap((to) =>
    placings(
      rest,
      free.filter((date) => date !== to),
    ).map((others) => [{ day, to }, ...others]),
  );
}

function costOf(placing: Placing, stay: readonly Day[], easyBetween: number): number {
  const hard = [
    ...stay.map(({ date }) => date),
    ...placing.flatMap(({ day, to }) => (to !== undefined && HARD.has(day.role) ? [to] : [])),
  ].sort();
  const close = hard.filter(
    (date, index) => index > 0 && differenceInDays(date, hard[index - 1] ?? date) <= easyBetween,
  ).length;
  return placing.reduce(
    (cost, { day, to }) =>
      cost +
      (to === undefined
        ? COST.dropped - DEMANDING.indexOf(day.role)
        : Math.abs(differenceInDays(to, day.date))),
    COST.close * close,
  );
}

function arrangementOf(
  block: Block,
  open: readonly Day[],
  placing: Placing,
  blocked: ReadonlySet<CivilDate>,
): Arrangement {
  const placed = new Map(placing.flatMap(({ day, to }) => (to === undefined ? [] : [[to, day]])));
  const held = open.map((day) => heldOn(day, placed.get(day.date), blocked.has(day.date)));
  const fixed = fixedDatesOf(block);
  // A long run that was written for another day of the week, and laid on this one, leaves both.
  const leaves = placing.some(({ day, to }) => day.role === 'long' && to !== day.date);
  const isLeft = ({ date }: Day) => leaves && fixed.get(date)?.role === 'long';
  const days = held
    .filter(({ moved, role, day }) => moved || role !== day.role || isLeft(day))
    .reduce<readonly FixedDay[]>((kept, { day: { date }, role, moved }) => {
      // A session goes with its day as text: the week would deal it another.
      const written = moved && fixed.get(moved.date);
      const own = moved && (written?.session ?? mainOf(moved)?.shorthand);
      const isKey = role === 'quality' && own !== undefined;
      const session = isKey ? linkPaces(own, block.spec.paces.table) : undefined;
      const otherRun = isKey ? written?.otherRun : undefined;
      const asked = { role, session, otherRun, amount: undefined, swap: undefined };
      return withFixedDay(kept, date, asked);
    }, block.spec.days);
  const moves = placing
    .filter(({ day, to }) => to !== day.date)
    .map(({ day, to }) => `${dayRoleWords[day.role]} ${to ? `on ${shortDay(to)}` : 'dropped'}`);
  const words = moves.length > 0 ? moves.join(', ') : 'the demanding days stay where they are';
  const off = [...blocked].sort().map(dayWords).join(', ');
  return {
    command: {
      change: { days: [...days] },
      message: `Arranged the week around ${off}: ${words}.`,
    },
    words: capital(words),
    days: held.map(({ day: { date }, role }) => ({ date, role })),
  };
}

/** What a day holds then: what moved here, rest where it will not do, an easy run where something moved away. */
function heldOn(
  day: Day,
  here: Day | undefined,
  isBlocked: boolean,
): { day: Day; role: PatternRole; moved: Day | undefined } {
  if (here) {
    return { day, role: here.role as PatternRole, moved: here === day ? undefined : here };
  }
  if (isBlocked) return { day, role: 'rest', moved: undefined };
  const isLeft = DEMANDING.includes(day.role);
  return { day, role: isLeft ? 'easy' : (day.role as PatternRole), moved: undefined };
}

function shortDay(date: CivilDate): string {
  return capital(weekdayOf(date)).slice(0, 3);
}
