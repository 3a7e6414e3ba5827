import { clean, type Measure, unitName } from '../../base/index.js';
import { formatPlain, WRITTEN_UNITS } from '../../base/format/index.js';
import {
  mentionsIn,
  paceNamed,
  type Part,
  readTyped,
  sessionInUnit,
  sessionOf,
  type SessionPaces,
  sessionTotals,
} from '../../sessions/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import { easyAround } from '../easy-around.js';
import type { DayEntry, ReadCell } from './day-entry.js';
import { raceByName } from './race-by-name.js';
import { refuseFarSession, refuseIdle } from './refuse-day.js';

/** What a cell is read by: its text, the measure of the sheet, and the paces of its day. */
interface Written {
  typed: string;
  measure: Measure;
  on: PacesOfDay;
}

/** Paces as they are on a day; none is known where nothing has been run. */
export interface PacesOfDay {
  table: readonly NamedPace[];
  paces: SessionPaces;
  /** True on the day of the long run, which is as long as it says. */
  isLong?: boolean;
}

/** A figure at the head of a cell, and what stands behind it. */
export interface Headed {
  number: string;
  amount: number;
  rest: string;
}

/** A day that is no plain figure: a session in shorthand, by itself or within the figure before it. */
export function readWritten(written: Written, headed: Headed | undefined): ReadCell<DayEntry> {
  const { typed, measure } = written;
  const whole = readTyped(typed, unitName(measure));
  if (whole.ok) {
    const { parts } = whole.session;
    return unknownPace(written, parts) ?? refuseIdle(typed, parts) ?? session(typed);
  }
  const { message, suggestion } = whole.problem;
  const meant = suggestion === undefined ? undefined : sessionOf(suggestion);
  const unmeant = meant && unknownPace(written, meant.parts, suggestion);
  const isOffered = meant !== undefined && unmeant === undefined;
  return (
    readInUnit(written) ??
    (headed && readWithin(written, headed, isOffered)) ??
    unmeant ?? { ok: false, problem: `“${typed}”: ${message}`, suggestion }
  );
}

/** A text whose figures are in the unit of the sheet; undefined where it does not read so. */
function readInUnit(written: Written): ReadCell<DayEntry> | undefined {
  const { typed, measure } = written;
  // What reads and is refused all the same says its units.
  const own = sessionOf(typed) ? undefined : sessionInUnit(typed, unitName(measure));
  const read = own === undefined ? undefined : sessionOf(own);
  if (own === undefined || !read || unknownPace(written, read.parts)) return undefined;
  return tooFar(written, read.parts) ?? session(own);
}

/** `32 (14 @ marathon)`, `9 6 x 1 min brisk, 1 min`: a session within the figure before it; undefined where none is. */
function readWithin(
  written: Written,
  headed: Headed,
  isOffered: boolean,
): ReadCell<DayEntry> | undefined {
  const { measure, on } = written;
  const { number, rest } = headed;
  // 6 x hill sprints counts them, and an m behind a figure is no pace.
  if (/^(?:[x×*]|m\b)/i.test(rest)) return undefined;
  const unit = unitName(measure);
  // 32 (14 @ marathon): the part at pace is the end of it.
  const placed = rest
    .replace(/^\((?=\d)/, '(last ')
    .replace(/^(?=(?:the )?(?:first|middle|last)\b)/, ', ');
  const inUnit = `${number} ${unit} ${placed}`.replace(' ,', ',');
  const fitted = sessionOf(inUnit);
  const unknown = fitted && unknownPace(written, fitted.parts);
  if (fitted && !unknown) {
    return (placed === rest ? tooFar(written, fitted.parts) : undefined) ?? session(inUnit);
  }
  // 10 km including 10 x 60 s uphill: its unit, and that it is held, are said by the figure.
  const inside = rest.replace(withinOf(unit), '');
  const around = sessionOf(inside);
  const held = around && sessionTotals(around.parts, on.paces);
  const isRun = held !== undefined && (held.time > 0 || /^drills$/i.test(rest));
  if (around && isRun && !unknownPace(written, around.parts)) {
    return withEasy({ ...headed, rest: inside }, held[measure.basis], measure);
  }
  return isOffered ? undefined : unknown;
}

function session(text: string): ReadCell<DayEntry> {
  return { ok: true, entry: { kind: 'session', text } };
}

/** Why parts are refused at a pace that nobody has named; `text` is what they were read from. */
function unknownPace(
  { typed, measure, on }: Written,
  parts: Part[],
  text = typed,
): ReadCell<DayEntry> | undefined {
  const unknown = mentionsIn({ parts }).find((name) => !means(name, on.table));
  if (unknown === undefined) return undefined;
  const problem = `“${typed}”: no pace is called “${unknown}”. Paces and the words for them stand under Named paces.`;
  const named = racedIn(unknown, on.table);
  const suggestion =
    named === undefined ? raceByName(typed, measure) : text.replace(unknown, named);
  return { ok: false, problem, suggestion };
}

/** What a race in metres goes by in the table: a hundredth is between 1500 m and a mile. */
const RACES: Readonly<Record<string, string>> = {
  ...{ 800: '800 m', 1500: 'mile', 3000: '3 km', 5000: '5 km', 10000: '10 km' },
};

/** `1500`, `3000 m pace`: a pace of the table; undefined of anything else. */
function racedIn(name: string, table: readonly NamedPace[]): string | undefined {
  const metres = /^(\d{3,5})(?: ?m)?(?: (?:pace|effort|speed))?$/i.exec(name)?.[1] ?? '';
  const raced = RACES[metres];
  return raced !== undefined && paceNamed(raced, table) ? raced : undefined;
}

/** Whether a name is one of the table's, or the goal's own pace. */
function means(name: string, table: readonly NamedPace[]): boolean {
  return /^(race|goal)\b/i.test(name) || paceNamed(name, table) !== undefined;
}

function tooFar({ typed, measure, on }: Written, parts: Part[]) {
  return refuseFarSession(typed, parts, { measure, isLong: on.isLong });
}

/** What says between a figure and a session that the one holds the other. */
function withinOf(unit: string): RegExp {
  return new RegExp(
    `^(?:${WRITTEN_UNITS[unit] ?? unit})?(?:^|\\b) ?(?:(?:including|incl?|with)\\b\\.? ?|w/ ?)?`,
    'i',
  );
}

/** A session in a run of a length: what is left is easy, half before it and half after. */
function withEasy({ amount, rest }: Headed, held: number, measure: Measure): ReadCell<DayEntry> {
  const left = clean(amount - held);
  if (left < -0.5) {
    const problem = `“${rest}” comes to ${formatPlain(Math.round(held), measure)}, more than ${formatPlain(amount, measure)}. Write the session alone, and the day is as long as it says.`;
    return { ok: false, problem };
  }
  return { ok: true, entry: { kind: 'session', amount, text: easyAround(rest, left, measure) } };
}
