import { clean, type Measure, shownUnit, unitName } from '../../base/index.js';
import { formatPlain, parseAmount } from '../../base/format/index.js';
import {
  mentionsIn,
  paceNamed,
  type Part,
  readSession,
  type SessionPaces,
  sessionTotals,
} from '../../sessions/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import type { CrossKind } from '../../rules/index.js';
import {
  dayRoleWords,
  type PatternRole,
  patternRoles,
  type WorkKind,
  workKinds,
} from '../../spec/days/index.js';

/** What a coach typed for a day. */
export type DayEntry =
  /** Nothing: the day is worked out again. */
  | { kind: 'free' }
  | { kind: 'role'; role: PatternRole }
  /** Running in m or s, as the block counts; the day keeps its role where none is named. */
  | {
      kind: 'amount';
      amount: number;
      role?: PatternRole | undefined;
      /** Of two runs the first. */
      firstRun?: number | undefined;
    }
  /** Cross-training: its kind, seconds, and a session where they are written. */
  | { kind: 'cross'; cross: CrossKind; time?: number | undefined; text?: string | undefined }
  /** Work beside whatever the day holds, and seconds of it where they are written. */
  | { kind: 'work'; work: WorkKind; time?: number | undefined }
  /** A session in shorthand, in a run of that length where one is written. */
  | { kind: 'session'; text: string; amount?: number };

/** A cell that was read, or why it was not. */
export type ReadCell<T> =
  | { ok: true; entry: T }
  | {
      ok: false;
      problem: string;
      /** A text that reads and may have been meant. */
      suggestion?: string | undefined;
    };

/** Other words for roles, beside their own. */
const ROLES = new Map<string, PatternRole>([
  ...patternRoles.map((role) => [dayRoleWords[role], role] as const),
  ...['-', '–', '—', 'off', 'x', 'rest day', 'day off', '0'].map((word) => [word, 'rest'] as const),
  ...['semi', 'medium long', 'medium-long', 'mlr'].map((word) => [word, 'semi-long'] as const),
  ...['long', 'lr'].map((word) => [word, 'long'] as const),
  ...['recovery', 'rec'].map((word) => [word, 'recovery'] as const),
  ...['cross', 'xt', 'cross training'].map((word) => [word, 'cross-train'] as const),
]);

/** `easy 10` is `10 easy`. */
const ROLE_FIRST = /^([a-z][a-z -]*?) (\d+(?:[.,]\d+)?)$/i;

const NUMBER = /^\d+(?:[.,]\d+)?/;

/**
 * Reads a day as coaches write it: `12`, `12 easy`, `rest`, `6 x 1 km @ 10 km, 90 s jog`,
 * `32 (last 14 @ marathon)`, `9 6 x 1 min brisk, 1 min`, in the measure the sheet shows.
 *
 * @param on the coach's table, and its paces on the day: what a session comes to
 */
export function readDay(text: string, measure: Measure, on: PacesOfDay): ReadCell<DayEntry> {
  const typed = text.trim().replace(/\s+/g, ' ');
  if (typed === '') return { ok: true, entry: { kind: 'free' } };
  const role = ROLES.get(typed.toLowerCase());
  if (role) return { ok: true, entry: { kind: 'role', role } };
  const roleFirst = ROLE_FIRST.exec(typed);
  if (roleFirst && ROLES.has(roleFirst[1]?.toLowerCase() ?? '')) {
    return readDay(`${roleFirst[2] ?? ''} ${roleFirst[1] ?? ''}`, measure, on);
  }
  const work = readWork(typed);
  if (work) return { ok: true, entry: work };
  const cross = readCross(typed);
  if (cross) return cross;
  const twice = readTwice(typed, measure);
  if (twice) return { ok: true, entry: twice };
  const number = NUMBER.exec(typed)?.[0] ?? '';
  const amount = parseAmount(number, measure);
  const rest = typed.slice(number.length).trim();
  if (amount !== undefined) {
    const named = ROLES.get(rest.toLowerCase());
    if (rest === '' || rest.toLowerCase() === unitName(measure)) {
      return { ok: true, entry: { kind: 'amount', amount } };
    }
    if (named) return { ok: true, entry: { kind: 'amount', amount, role: named } };
  }
  return readWritten(
    typed,
    measure,
    on,
    amount === undefined ? undefined : { number, amount, rest },
  );
}

/** `5+10`: two runs in the order of the day; undefined where it is none. */
function readTwice(typed: string, measure: Measure): DayEntry | undefined {
  const [first, second] = typed.split(/ ?\+ ?/).map((each) => parseAmount(each, measure) ?? 0);
  const isTwo = TWICE.test(typed) && first !== undefined && first > 0 && second !== undefined;
  if (!isTwo || second === 0) return undefined;
  return { kind: 'amount', amount: clean(first + second), firstRun: first };
}

const TWICE = /^\d+(?:[.,]\d+)? ?\+ ?\d+(?:[.,]\d+)?$/;

const CROSS_WORDS: readonly (readonly [RegExp, CrossKind])[] = [
  [/^(?:pool(?: ?running)?|aqua(?: ?jog(?:ging)?)?|water ?running)$/, 'pool'],
  [/^(?:bike|cycling|cycle|spin(?:ning)?)$/, 'bike'],
  [/^swim(?:ming)?$/, 'swim'],
  [/^(?:elliptical|cross-?trainer)$/, 'elliptical'],
  [/^(?:ski(?:ing)?|cross-country ski)$/, 'ski'],
];

const CROSS =
  /^(?:(?<head>\d+(?:[:.,]\d+)?) ?(?<unit>min|h|hours?|’|')? )?(?<kind>[a-z -]+?)(?: (?<tail>\d+(?:[:.,]\d+)?) ?(?<last>min|h|hours?)?)?$/;

/** `40 min pool`, `bike 60`, `1 h swim`, `40 min pool: 10 x 2 min brisk, 1 min easy`; undefined where it is none. */
function readCross(typed: string): ReadCell<DayEntry> | undefined {
  const [head = '', ...rest] = typed.split(':');
  const clock = /^\d+$/.test(head) ? `${head}:${rest.shift() ?? ''}` : head;
  const found = CROSS.exec(clock.trim().toLowerCase())?.groups;
  const kind = CROSS_WORDS.find(([words]) => words.test(found?.kind?.trim() ?? ''))?.[1];
  if (!found || !kind) return undefined;
  const time = secondsOf(found.head ?? found.tail, found.unit ?? found.last);
  const text = rest.join(':').trim();
  if (text === '') return { ok: true, entry: { kind: 'cross', cross: kind, time } };
  const read = readSession(text);
  if (read.ok) return { ok: true, entry: { kind: 'cross', cross: kind, time, text } };
  const { message, suggestion } = read.problem;
  const meant = suggestion === undefined ? undefined : `${clock.trim()}: ${suggestion}`;
  return { ok: false, problem: `“${typed}”: ${message}`, suggestion: meant };
}

const WORK = new RegExp(
  `^(?:(?<head>\\d+) ?(?<unit>min|’|')? )?(?<kind>${workKinds.join('|')}|gym)(?: (?<tail>\\d+) ?(?:min)?)?$`,
  'i',
);

/** `core`, `30 min strength`, `mobility 10`; undefined where it is none. */
function readWork(typed: string): DayEntry | undefined {
  const { kind, head, tail } = WORK.exec(typed)?.groups ?? {};
  if (kind === undefined) return undefined;
  const work = workKinds.find((each) => each === kind.toLowerCase()) ?? 'strength';
  return { kind: 'work', work, time: secondsOf(head ?? tail) };
}

/** Minutes where no unit is written; `1:10` is an hour and ten. */
function secondsOf(text: string | undefined, unit = 'min'): number | undefined {
  if (text === undefined) return undefined;
  const [whole = 0, part] = text.replace(',', '.').split(':').map(Number);
  if (part !== undefined) return whole * 3600 + part * 60;
  return whole * (unit.startsWith('h') ? 3600 : 60);
}

/** Paces as they are on a day; none is known where nothing has been run. */
export interface PacesOfDay {
  table: readonly NamedPace[];
  paces: SessionPaces;
}

/** Whether a name is one of the table's, or the goal's own pace. */
function means(name: string, table: readonly NamedPace[]): boolean {
  return /^(race|goal)\b/i.test(name) || paceNamed(name, table) !== undefined;
}

/** A figure at the head of a cell, and what stands behind it. */
interface Headed {
  number: string;
  amount: number;
  rest: string;
}

function readWritten(
  typed: string,
  measure: Measure,
  { table, paces }: PacesOfDay,
  headed: Headed | undefined,
): ReadCell<DayEntry> {
  const session = (text: string): ReadCell<DayEntry> => ({
    ok: true,
    entry: { kind: 'session', text },
  });
  const whole = readSession(typed);
  const problemOf = ({ parts }: { parts: Part[] }): ReadCell<DayEntry> | undefined => {
    const unknown = mentionsIn({ parts }).find((name) => !means(name, table));
    if (unknown === undefined) return undefined;
    const problem = `“${typed}”: no pace is called “${unknown}”. Paces and the words for them stand under Named paces.`;
    return { ok: false, problem };
  };
  if (whole.ok) return problemOf(whole.session) ?? session(typed);
  if (headed) {
    const { number, rest } = headed;
    // 32 (14 @ marathon): the part at pace is the end of it.
    const placed = rest
      .replace(/^\((?=\d)/, '(last ')
      .replace(/^(?=(?:the )?(?:first|middle|last)\b)/, ', ');
    const inUnit = `${number} ${unitName(measure)} ${placed}`.replace(' ,', ',');
    const fitted = readSession(inUnit);
    const around = readSession(rest);
    const unknown = fitted.ok ? problemOf(fitted.session) : undefined;
    if (fitted.ok && !unknown) return session(inUnit);
    const held = around.ok && sessionTotals(around.session.parts, paces);
    if (
      around.ok &&
      held &&
      !problemOf(around.session) &&
      (held.time > 0 || /^drills$/i.test(rest))
    ) {
      const { distance, time } = held;
      return withEasy(headed, measure.basis === 'time' ? time : distance, measure);
    }
    if (unknown) return unknown;
  }
  const { message, suggestion } = whole.problem;
  return { ok: false, problem: `“${typed}”: ${message}`, suggestion };
}

/** A session in a run of a length: what is left is easy, half before it and half after. */
function withEasy({ amount, rest }: Headed, held: number, measure: Measure): ReadCell<DayEntry> {
  const left = clean(amount - held);
  if (left < -0.5) {
    const problem = `“${rest}” comes to ${formatPlain(Math.round(held), measure)}, more than ${formatPlain(amount, measure)}. Write the session alone, and the day is as long as it says.`;
    return { ok: false, problem };
  }
  const tenth = shownUnit(measure) / 10;
  const before = Math.round(left / 2 / tenth) * tenth;
  const after = Math.round((left - before) / tenth) * tenth;
  const easy = (of: number) => (of > 0 ? [`${formatPlain(of, measure)} easy`] : []);
  return {
    ok: true,
    entry: { kind: 'session', amount, text: [...easy(before), rest, ...easy(after)].join('; ') },
  };
}
