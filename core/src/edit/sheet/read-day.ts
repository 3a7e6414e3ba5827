import { clean, type Measure, METRES_PER_MILE } from '../../base/index.js';
import { parseAmount, withoutUnit } from '../../base/format/index.js';
import { dayRoleWords, type PatternRole, patternRoles } from '../../spec/days/index.js';
import type { Beside, DayEntry, ReadCell } from './day-entry.js';
import { readAddOn, readCross, readWork, splitBeside } from './read-beside.js';
import { readRuns } from './read-runs.js';
import { type Headed, type PacesOfDay, readWritten } from './read-written.js';
import { refuseEndless, refuseFarther, refuseLoose, refuseRest } from './refuse-day.js';
import { saidOtherwise } from './said-otherwise.js';

/** Other words for roles, beside their own. */
const ROLES = new Map<string, PatternRole>([
  ...patternRoles.map((role) => [dayRoleWords[role], role] as const),
  ...['-', '–', '—', 'off', 'x', 'rest day', 'day off', 'r', '0'].map(
    (word) => [word, 'rest'] as const,
  ),
  ...[
    'semi',
    'medium long',
    'medium-long',
    'ml',
    'medium long run',
    'mid-week long',
    'midweek long',
    'mlr',
  ].map((word) => [word, 'semi-long'] as const),
  ...['long', 'long run', 'long easy', 'lr', 'lsd', 'l'].map((word) => [word, 'long'] as const),
  ...['easy run', 'easy jog', 'e'].map((word) => [word, 'easy'] as const),
  ...['recovery', 'recovery run', 'rec'].map((word) => [word, 'recovery'] as const),
  ...['cross', 'xt', 'cross training'].map((word) => [word, 'cross-train'] as const),
]);

/** `easy 10` is `10 easy`. */
const ROLE_FIRST = /^([a-z][a-z -]*?) (\d+(?:[.,]\d+)?)$/i;

const ATTACHED = /^\d+(?:[.,]\d+)?[a-z]+\d/i;

const NUMBER = /^\d+(?:[.,]\d+)?/;

/**
 * Reads a day as coaches write it: `12`, `12 easy`, `rest`, `6 x 1 km @ 10 km, 90 s jog`,
 * `32 (last 14 @ marathon)`, `9 6 x 1 min brisk, 1 min`, in the measure the sheet shows.
 *
 * @param on the coach's table, and its paces on the day: what a session comes to
 */
export function readDay(text: string, measure: Measure, on: PacesOfDay): ReadCell<DayEntry> {
  // A line of its own is a part of its own: 2 km wu ⏎ 6 x 800 m.
  const typed = text
    .trim()
    .replace(/\s*\n\s*(?![+&,;])/g, '; ')
    .replace(/\s+/g, ' ');
  if (typed === '') return { ok: true, entry: { kind: 'free' } };
  const role = ROLES.get(typed.toLowerCase());
  if (role) return { ok: true, entry: { kind: 'role', role } };
  const split = splitBeside(typed);
  if (split) return readWith(split, measure, on);
  const twice = readRuns(typed, (run) => readDay(run, measure, on));
  if (twice) return twice;
  const refused = refuseLoose(typed, measure);
  if (refused) return refused;
  const roleFirst = ROLE_FIRST.exec(typed);
  if (roleFirst && ROLES.has(roleFirst[1]?.toLowerCase() ?? '')) {
    return readDay(`${roleFirst[2] ?? ''} ${roleFirst[1] ?? ''}`, measure, on);
  }
  const plain =
    readWork(typed) ?? readAddOn(typed) ?? readHours(typed, measure) ?? readTwice(typed, measure);
  if (plain) return { ok: true, entry: plain };
  const cross = readCross(typed);
  if (cross) return cross;
  const otherwise = saidOtherwise(typed, measure);
  if (otherwise !== undefined) return readDay(otherwise, measure, on);
  const headed = headOf(typed, measure);
  return (
    (headed && readFigure(typed, headed, measure, on)) ??
    readWritten({ typed, measure, on }, headed)
  );
}

/** A day and what goes with it. */
function readWith(
  { day, beside }: { day: string; beside: readonly Beside[] },
  measure: Measure,
  on: PacesOfDay,
): ReadCell<DayEntry> {
  const read = readDay(day, measure, on);
  return read.ok ? { ok: true, entry: { kind: 'with', day: read.entry, beside } } : read;
}

/** The figure that a cell begins with: one that goes on, as 1h45 does, is none. */
function headOf(typed: string, measure: Measure): Headed | undefined {
  const number = ATTACHED.test(typed) ? '' : (NUMBER.exec(typed)?.[0] ?? '');
  const amount = parseAmount(number, measure);
  return amount === undefined
    ? undefined
    : { number, amount, rest: typed.slice(number.length).trim() };
}

/** `12`, `12 km`, `12 easy`; undefined where more stands behind the figure. */
function readFigure(
  typed: string,
  { amount, rest }: Headed,
  measure: Measure,
  { isLong }: Pick<PacesOfDay, 'isLong'>,
): ReadCell<DayEntry> | undefined {
  // 6m are miles on a blackboard in miles, 800m are metres on any.
  if (/^m\b/i.test(rest) && amount > MOST_MILES) return undefined;
  const words = withoutUnit(rest.toLowerCase(), measure);
  if (words === '') {
    const far = rest === '' && !isLong ? refuseFarther(typed, amount, measure) : undefined;
    return far ?? { ok: true, entry: { kind: 'amount', amount } };
  }
  const role = ROLES.get(words);
  if (!role) return undefined;
  if (role === 'rest') return refuseRest(typed);
  const isBare = words === rest.toLowerCase();
  const refused = isBare ? refuseEndless(typed, role, amount, measure) : undefined;
  return refused ?? { ok: true, entry: { kind: 'amount', amount, role } };
}

/** Metres of the most miles that an m may stand for. */
const MOST_MILES = 50 * METRES_PER_MILE;

/** `1:15` is an hour and a quarter of running where a block counts time; undefined where it is none. */
function readHours(typed: string, measure: Measure): DayEntry | undefined {
  const amount = HOURS.test(typed) ? parseAmount(typed, measure) : undefined;
  return amount === undefined ? undefined : { kind: 'amount', amount };
}

/** Nobody runs for a minute and a quarter. */
const HOURS = /^[1-5]:[0-5]\d$/;

/** `5+10`: two runs in the order of the day; undefined where it is none. */
function readTwice(typed: string, measure: Measure): DayEntry | undefined {
  const runs = TWICE.test(typed) ? typed.split('+') : [];
  const [first, second] = runs.map((each) => parseAmount(each, measure));
  if (!first || !second) return undefined;
  return { kind: 'amount', amount: clean(first + second), firstRun: first };
}

const TWICE = /^\d+(?:[.,]\d+)? ?\+ ?\d+(?:[.,]\d+)?$/;
