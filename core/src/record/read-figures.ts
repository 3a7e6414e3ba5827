import { type Measure, METRES_PER_MILE, metresPer, type Unit } from '../base/index.js';
import { parseAmount, type Read, readTime } from '../base/format/index.js';
import type { EntryKind } from './run-entry.js';

/** What was read of one thing done, piece by piece. */
export interface Figures {
  kind?: EntryKind | undefined;
  /** Metres. */
  distance?: number | undefined;
  /** Seconds. */
  time?: number | undefined;
  /** Seconds per km. */
  pace?: number | undefined;
  effort?: number | undefined;
  heart?: number | undefined;
  /** Words that are no figure, in their order. */
  words: string[];
}

/** Puts what was matched where it belongs; gives back what is wrong with it. */
type Put = (found: Figures, match: RegExpExecArray, measure: Measure) => string | undefined;

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
/** Shorter by itself it is an hour and some minutes, written short. */
export const SHORTEST_ALONE = 360;
/** An m behind less than this is no metre. */
const FEWEST_METRES = 60;

const KINDS: ReadonlyMap<string, EntryKind> = new Map([
  ...(['run', 'pool', 'bike', 'swim', 'walk', 'strength', 'other'] as const).map(
    (kind) => [kind, kind] as const,
  ),
  ...['ride', 'cycle', 'cycling', 'turbo', 'spin'].map((word) => [word, 'bike'] as const),
  ...['gym', 'weights', 's&c'].map((word) => [word, 'strength'] as const),
  ...['swimming', 'swam'].map((word) => [word, 'swim'] as const),
  ...['walking', 'walked', 'hike'].map((word) => [word, 'walk'] as const),
  ...['xt', 'elliptical', 'rowing', 'rower', 'skiing'].map((word) => [word, 'other'] as const),
  ...['football', 'tennis', 'yoga', 'pilates'].map((word) => [word, 'other'] as const),
]);

const number = (text = ''): number => Number(text.replace(',', '.'));

/** What stands in a line of figures, the longest first. */
const PIECES: readonly (readonly [RegExp, Put])[] = [
  [
    piece(`(?:@|at )? ?(\\d+:\\d\\d) ?(?:\\/|per ?)(km|k|mi|miles?)\\b`),
    (found, [, clock, unit]) => putPace(found, clock, /^k/i.test(unit ?? '') ? 'km' : 'mi'),
  ],
  [piece(`@ ?(\\d+:\\d\\d)`), (found, [, clock], { unit }) => putPace(found, clock, unit)],
  [piece(`(?:in )?(\\d+:\\d[\\d:.,]*)`), (found, [, clock = '']) => putClock(found, clock)],
  [
    piece(`(\\d{1,2}) ?h(?:rs?|ours?)? ?(?:([0-5]?\\d)(?: ?min(?:ute)?s?|m)?)?(?![a-z])`),
    (found, [, hours, minutes]) => put(found, 'time', 3600 * number(hours) + 60 * number(minutes)),
  ],
  [
    piece(`(?:in )?(${NUMBER}) ?(?:min(?:ute)?s?\\b|['’′])(?:([0-5]?\\d)["″])?`),
    (found, [, minutes, seconds]) => put(found, 'time', 60 * number(minutes) + number(seconds)),
  ],
  [piece(`(?:e|effort|rpe) ?(\\d{1,2})(?: ?\\/ ?10)?`), putEffort],
  [piece(`(\\d{1,2}) ?\\/ ?10`), putEffort],
  [piece(`(?:avg )?(?:hr|heart|pulse) ?(\\d{2,3})`), putHeart],
  [piece(`(\\d{2,3}) ?bpm`), putHeart],
  [piece(`(${NUMBER}) ?(kms?|k|miles?|mi|m)\\b`), putDistance],
  [
    piece(`\\d+ ?[x×*]`),
    () => 'repetitions are typed under the run. Type the run as a whole here: 9 km 45:00.',
  ],
  // 8km/50min: one figure after the other.
  [piece(`/(?=\\d)`), () => undefined],
  // ~12, 12ish: what a coach says of it, taken for what it is.
  [piece(`[~≈]? ?(${NUMBER})(?:ish\\b)?(?![a-z\\d]|[.,]\\d)`), putBare],
  [piece(`[^\\s]+`), putWord],
];

function piece(pattern: string): RegExp {
  return new RegExp(`^${pattern}`, 'i');
}

/**
 * Reads a line of figures: `12`, `12 km 50:10`, `8 easy 42:10`, `10 @ 5:10`, `45 min bike`,
 * `10k 45:12 hr 148`. Every figure is taken once, or it is said which is not.
 */
export function readFigures(text: string, measure: Measure): Read<Figures> {
  const found: Figures = { words: [], kind: kindIn(text) };
  let left = text.trim();
  while (left !== '') {
    const [match, place] = nextPiece(left);
    const problem = place(found, match, measure);
    if (problem !== undefined) return { ok: false, problem: `“${text}”: ${problem}` };
    left = left.slice(match[0].length).trimStart();
  }
  return { ok: true, value: found };
}

/** A pace says the time of a distance, or the distance of a time. */
export function withPace(found: Figures): Figures {
  const { pace, distance, time } = found;
  if (pace === undefined) return found;
  if (distance !== undefined) return { ...found, time: time ?? (distance / 1000) * pace };
  return time === undefined ? found : { ...found, distance: (time / pace) * 1000 };
}

/** The last piece takes any word: there is always one. */
function nextPiece(text: string): readonly [RegExpExecArray, Put] {
  for (const [pattern, place] of PIECES) {
    const match = pattern.exec(text);
    if (match) return [match, place];
  }
  throw new Error(`Nothing to read in “${text}”.`);
}

/** `bike 45`, `45 min bike`: what heads figures, or ends them; `8 km with walk breaks` is a run. */
function kindIn(text: string): EntryKind | undefined {
  const [head = ''] = text.toLowerCase().split(' ');
  return KINDS.get(head) ?? KINDS.get(LAST_WORD.exec(text.toLowerCase())?.[1] ?? '');
}

const LAST_WORD =
  /^[^a-z]*(?:(?:km|k|mi|miles?|m|mins?|minutes?|h|hrs?|hours?)\b[^a-z]*)*\b([a-z&]+)$/;

function put(
  found: Figures,
  key: 'distance' | 'time' | 'pace' | 'effort' | 'heart',
  value: number,
): string | undefined {
  if (found[key] !== undefined) return `there are two figures for the ${NAMES[key]}.`;
  found[key] = value;
  return undefined;
}

const NAMES = {
  distance: 'distance',
  time: 'time',
  pace: 'pace',
  effort: 'effort',
  heart: 'heart rate',
};

function putPace(found: Figures, clock = '', unit: Unit): string | undefined {
  const time = readTime(clock);
  return time.ok ? put(found, 'pace', (time.value * 1000) / metresPer(unit)) : time.problem;
}

function putClock(found: Figures, clock: string): string | undefined {
  const time = readTime(clock);
  return time.ok ? put(found, 'time', time.value) : time.problem;
}

function putEffort(found: Figures, [, level]: RegExpExecArray): string | undefined {
  const effort = Number(level);
  return effort >= 1 && effort <= 10
    ? put(found, 'effort', effort)
    : 'an effort goes from 1 to 10.';
}

const HEART = { least: 25, most: 250 };

function putHeart(found: Figures, [, beats]: RegExpExecArray): string | undefined {
  const heart = Number(beats);
  return heart >= HEART.least && heart <= HEART.most
    ? put(found, 'heart', heart)
    : `a heart rate goes from ${HEART.least} to ${HEART.most}.`;
}

function putDistance(
  found: Figures,
  [, figure, unit = '']: RegExpExecArray,
  measure: Measure,
): string | undefined {
  const amount = number(figure);
  if (/^k/i.test(unit)) return put(found, 'distance', amount * 1000);
  if (unit.length > 1) return put(found, 'distance', amount * METRES_PER_MILE);
  if (amount >= FEWEST_METRES) return put(found, 'distance', amount);
  if (measure.unit === 'mi') return put(found, 'distance', amount * METRES_PER_MILE);
  return `${amount} m is not a run. Type ${amount} mi, or ${amount} km.`;
}

/** A figure alone is in the table’s own measure; of anything but running it is minutes. */
function putBare(found: Figures, [, figure = '']: RegExpExecArray, measure: Measure) {
  const isInstead = found.kind !== undefined && found.kind !== 'run';
  if (isInstead) return put(found, 'time', 60 * number(figure));
  const key = measure.basis;
  if (found[key] !== undefined) {
    return `say what ${figure} is: ${figure} min, hr ${figure} or effort 4.`;
  }
  const amount = parseAmount(figure, measure);
  return amount === undefined ? `${figure} is not a figure.` : put(found, key, amount);
}

function putWord(found: Figures, [word]: RegExpExecArray): undefined {
  const isKind = found.kind !== undefined && KINDS.get(word.toLowerCase()) === found.kind;
  if (!isKind) found.words.push(word);
}

/** A time of running by itself that nobody runs: `1:05`. */
export function isTooShort({ kind = 'run', distance, time = Infinity }: Figures): boolean {
  return kind === 'run' && distance === undefined && time < SHORTEST_ALONE;
}
