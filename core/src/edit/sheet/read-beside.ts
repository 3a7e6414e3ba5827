import type { CrossKind } from '../../rules/index.js';
import { readSession } from '../../sessions/index.js';
import { addOns, type WorkKind, workKinds } from '../../spec/days/index.js';
import type { Beside, DayEntry, ReadCell } from './day-entry.js';

const CROSS_WORDS: readonly (readonly [RegExp, CrossKind])[] = [
  [/^(?:pool(?: ?running)?|aqua(?: ?jog(?:ging)?)?|water ?running)$/, 'pool'],
  [/^(?:bike|cycling|cycle|ride|turbo|spin(?:ning)?(?: class)?)$/, 'bike'],
  [/^swim(?:ming)?$/, 'swim'],
  [/^(?:elliptical|cross-?trainer)$/, 'elliptical'],
  [/^(?:ski(?:ing)?|cross-country ski)$/, 'ski'],
];

const CROSS =
  /^(?:(?<head>\d+(?:[:.,]\d+)?) ?(?<unit>min|h|hours?|’|')? )?(?:easy )?(?<kind>[a-z -]+?)(?: easy)?(?: (?<tail>\d+(?:[:.,]\d+)?) ?(?<last>min|h|hours?)?(?: easy)?)?$/;

/** `40 min pool`, `bike 60`, `1 h swim`, `40 min pool: 10 x 2 min brisk, 1 min easy`; undefined where it is none. */
export function readCross(typed: string): ReadCell<DayEntry> | undefined {
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

/** Other words for work beside running. */
const WORKS: ReadonlyMap<string, WorkKind> = new Map([
  ...['gym', 'weights', 's&c', 'conditioning'].map((word) => [word, 'strength'] as const),
  ...['yoga', 'pilates', 'stretching', 'stretches'].map((word) => [word, 'mobility'] as const),
]);

const WORK = new RegExp(
  `^(?:(?<head>\\d+) ?(?<unit>min|’|')? )?(?<kind>${[...workKinds, ...WORKS.keys()].join('|')})(?: (?<tail>\\d+) ?(?:min)?)?$`,
  'i',
);

/** `core`, `30 min strength`, `yoga 20`; undefined where it is none. */
export function readWork(typed: string): Beside | undefined {
  const { kind, head, tail } = WORK.exec(typed)?.groups ?? {};
  const named = kind?.toLowerCase() ?? '';
  const work = workKinds.find((each) => each === named) ?? WORKS.get(named);
  return work && { kind: 'work', work, time: secondsOf(head ?? tail) };
}

/** `strides`, `hill sprints`; undefined where it is none. */
export function readAddOn(typed: string): Beside | undefined {
  const addOn = addOns.find((each) => each === typed.toLowerCase().replace(/ /g, '-'));
  return addOn && { kind: 'add-on', addOn };
}

const AND = /^(?<day>.+)(?: ?[+&;,] ?| and | plus | with | w\/ ?)(?<last>.+)$/i;

/** Work is done beside a run, before it too; strides and drills before a session are a part of it. */
const WORK_FIRST = /^(?<first>.+?)(?: ?[+&;,] ?| and | plus )(?<day>.+)$/i;

/** `8 + gym`, `6 easy, strides and core`, `gym + 8`: what goes with a day, and what is left of it; undefined where nothing does. */
export function splitBeside(typed: string): { day: string; beside: Beside[] } | undefined {
  const { day = '', last = '' } = AND.exec(typed)?.groups ?? {};
  const found = readBeside(last);
  if (!found) return splitWorkFirst(typed);
  const more = splitBeside(day);
  return { day: more?.day ?? day, beside: [...(more?.beside ?? []), found] };
}

function splitWorkFirst(typed: string): { day: string; beside: Beside[] } | undefined {
  const { first = '', day = '' } = WORK_FIRST.exec(typed)?.groups ?? {};
  const work = readWork(first.trim());
  return work && { day, beside: [work] };
}

function readBeside(text: string): Beside | undefined {
  return readWork(text.trim()) ?? readAddOn(text.trim());
}

/** Minutes where no unit is written; `1:10` is an hour and ten. */
function secondsOf(text: string | undefined, unit = 'min'): number | undefined {
  if (text === undefined) return undefined;
  const [whole = 0, part] = text.replace(',', '.').split(':').map(Number);
  if (part !== undefined) return whole * 3600 + part * 60;
  return whole * (unit.startsWith('h') ? 3600 : 60);
}
