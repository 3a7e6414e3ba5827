import { restated } from './restated.js';
import type { SessionUnit } from './session.js';

/** Most slips mended in one line, and bare numbers that are tried for each: every one costs a reading. */
const MOST_MENDS = 6;
const MOST_NUMBERS = 6;
/** Longer lines are left as they are. */
const LONGEST = 400;

/** Where a text stops reading, counted from 0; undefined where it reads. */
type FailsAt = (text: string) => number | undefined;

/** Texts with something added that may have been left out, near to where it is missed. */
type Mends = (text: string, at: number) => string[];

/**
 * A line as it may have been meant: a unit where a number has none, metres for
 * strides, a pace where a clock stands alone. Offered, never taken unasked.
 *
 * @param usual the unit that figures are in where nothing says otherwise
 * @returns a text that reads, or undefined
 */
export function suggestText(
  text: string,
  failsAt: FailsAt,
  usual: SessionUnit | undefined,
): string | undefined {
  const inUnits = (unit: SessionUnit | undefined) => (tried: string, at: number) =>
    mends(tried, at, unit);
  for (const written of [...restated(text), text]) {
    const found = mended(written, failsAt, inUnits(usual));
    if (found === undefined) continue;
    if (kilometresIn(found) <= MOST_KILOMETRES) return found;
    return mended(written, failsAt, inUnits('min')) ?? found;
  }
  return undefined;
}

/** Further in one line than anyone trains: 15 easy 20 tempo 15 easy are minutes. */
const MOST_KILOMETRES = 45;

function kilometresIn(text: string): number {
  return [...text.matchAll(/(\d+) km\b/g)].reduce((sum, [, number]) => sum + Number(number), 0);
}

/**
 * A line whose first figure is in the unit of a table: `easy 10 + strides`. Others may
 * be minutes or metres as well, and so may those of a warm-up.
 *
 * @returns a text that reads, or undefined
 */
export function inUnit(text: string, unit: SessionUnit, failsAt: FailsAt): string | undefined {
  return mended(text, failsAt, (tried, at) =>
    withUnits(tried, at, (number, before) =>
      NOT_FIRST.test(before.replace(LEAST, '')) || number > MOST_IN_A_TABLE[unit] ? [] : [unit],
    ),
  );
}

/** The least of a range. */
const LEAST = /\d+\s*(?:[-–]|to)\s*$/;

const NOT_FIRST = /\d|\b(?:wu|cd|warm|cool)\b/i;

/** What a figure without its unit may be: 400 is no distance in km. */
const MOST_IN_A_TABLE: Readonly<Record<SessionUnit, number>> = {
  ...{ km: 80, mi: 50, min: 300 },
  ...{ h: 0, s: 0, m: 0 },
};

function mended(text: string, failsAt: FailsAt, mendsOf: Mends): string | undefined {
  if (text.length > LONGEST) return undefined;
  let tried = text;
  for (let turn = 0; turn < MOST_MENDS; turn++) {
    const at = failsAt(tried);
    if (at === undefined) return tried;
    const best = mendsOf(tried, at)
      .map((next) => ({ next, at: failsAt(next) }))
      .filter((each) => each.at === undefined || each.at > at + 1)
      .sort((one, other) => unread(one) - unread(other))[0];
    if (!best) return undefined;
    tried = best.next;
  }
  return undefined;
}

/** How much of a text does not read. */
function unread({ next, at = next.length }: { next: string; at: number | undefined }): number {
  return next.length - at;
}

/** What may be missing, wherever it shows: a bracket that is not closed is found out late. */
function mends(text: string, at: number, usual: SessionUnit | undefined): string[] {
  const strides = text
    .replace(/(?<![x×*]\s*|\d)(\d+)\s*(?:x\s*)?(?=strides?\b)/i, '$1 x 100 m ')
    .replace(/(?<![x×*]\s*|\d)(\d+)\s*(?:x\s*)?(?=(?:hill )?sprints?\b)/i, '$1 x 10 s ');
  const withUnit = withUnits(text, at, (number, before, behind) =>
    unitsFor(number, { before, behind }, usual),
  );
  const paced = [text, ...withUnit].map(atAPace);
  const onAndOff = text.replace(ON_AND_OFF, inWords);
  // 5.30 /km
  const dotted = text.replace(/(@\s*\d)\.([0-5]\d)(?=\s*(?:\/|per\b))/i, '$1:$2');
  const rewritten = [strides, dotted, onAndOff, jogged(text), inARow(text)];
  return [
    ...rewritten.filter((each) => each !== text),
    ...withUnit,
    ...paced.filter((each) => each !== text && !withUnit.includes(each)),
    ...apart(text, at),
    ...asAWord(text, at),
  ];
}

/** A comma before the figure that is missed, or whose unit is: 5 x 1k 2k easy. */
function apart(text: string, at: number): string[] {
  const from = /^\s*\d/.test(text.slice(at)) ? at : text.slice(0, at).search(/(?<=\s)[\d.]+\s*$/);
  if (from < 1 || SO_MANY.test(text.slice(0, from))) return [];
  return [`${text.slice(0, from).trimEnd()}, ${text.slice(from).trimStart()}`];
}

/** What follows the last that reads, as words beside it: nothing in it is an amount. */
function asAWord(text: string, at: number): string[] {
  const words = /^(.*\S)\s+(\S*)$/.exec(text.slice(0, at));
  const [before, word] = words ? [words[1] ?? '', words[2] ?? ''] : [text.slice(0, at), ''];
  const rest = `${word}${text.slice(at)}`;
  return before === '' || /[\d;[\]]/.test(rest) ? [] : [`${before} [${rest.trim()}]`];
}

/** 10 x 400/200, 8x200/200j: metres, and metres that are jogged between them. */
function jogged(text: string): string {
  return text.replace(
    /([x×*]\s*\d{3,4})\s*\/\s*(\d{3,4})(?:\s*(?:m|jog|j))?(?![\d/:a-z])/gi,
    '$1 m, $2 m jog',
  );
}

/** (400,800,1200), 200 400 600 800: metres one after the other. */
function inARow(text: string): string {
  return text.replace(
    /(?<![\d.,]|[\d.,]\s)\d{3,4}(?:[ ,]\s*\d{3,4}){2,}(?!\s*[\d.,:a-z])/gi,
    (row) => {
      const metres = row.split(/[ ,]+/);
      return `${metres.join('-')} m`;
    },
  );
}

/** A clock behind an `@` or `at`, as the pace of a kilometre or of a mile. */
function atAPace(text: string): string {
  return text.replace(
    /((?:@|\bat\b|[a-z]{3} \()\s*\d+:\d\d(?:\s*-\s*\d+:\d\d)?)(?!\s*[-\d/:])/i,
    `$1 ${/\d\s*mi(les?)?\b/i.test(text) ? '/mi' : '/km'}`,
  );
}

/** 10 x 1/1, 10 x 1 on 1 off, 30/30 x 20: repetitions and what is jogged between them. */
const ON_AND_OFF =
  /(?:(\d+)\s*[x×*]\s*)?(?<![\d/])(\d{1,2})\s*(?:\/|on\W+)\s*(\d{1,2})(?![\d/])(?:\s*off\b)?(?:\s*(?:mins?|m|secs?|s|'|"|′|″)(?![a-z]))?(?:\s*[x×*]\s*(\d+)\b(?!\s*[/x×*]))?/i;

/** Minutes of a repetition, at most, where nothing says what a figure is: 15/15 are seconds. */
const MOST_ON = 10;

function inWords(whole: string, ...groups: readonly (string | undefined)[]): string {
  const [before, on, off, behind] = groups;
  const count = before ?? behind;
  if (count === undefined) return whole;
  const unit = Math.max(Number(on), Number(off)) <= MOST_ON ? 'min' : 's';
  return `${count} x ${on ?? ''} ${unit}, ${off ?? ''} ${unit} jog`;
}

/** A number that says nothing of what it counts. */
const BARE =
  /(?<![\d:.,a-wyz]|@\s*|[a-z]\+|@[^;,+]*\+\s*|\bRPE\s*)\d+(?:[.,]\d+)?(?![\d:'′"″%]|[.,]\d|\s*[-–/x×*]|\s+to\s+\d|\s*(?:k|kms?|mi|miles?|m|min|mins|minutes?|s|secs?|h|hrs?|hours?|bpm)\b)/gi;

/** Hills x 10: so many of them. */
const SO_MANY = /[a-z]\s*[x×*]\s*$/i;

/** 6 strides are no 6 km; 6 x 100 strides are each of some length. */
const COUNTED = /^\d{1,2}\s*(?:strides?|hills?|reps|sprints|surges|pick-ups|accelerations)\b/i;

/** Each bare number near to a place with a unit. */
function withUnits(
  text: string,
  at: number,
  units: (number: number, before: string, behind: string) => string[],
): string[] {
  return [...text.matchAll(BARE)]
    .filter(({ index }) => !COUNTED.test(text.slice(index)) && !SO_MANY.test(text.slice(0, index)))
    .sort((one, other) => Math.abs(one.index - at) - Math.abs(other.index - at))
    .slice(0, MOST_NUMBERS)
    .flatMap(({ 0: digits, index }) => {
      const end = index + digits.length;
      const number = Number(digits.replace(',', '.'));
      // 2E is two of them at E.
      const gap = /^[a-z]/i.test(text.slice(end)) ? ' ' : '';
      return units(number, text.slice(0, index), text.slice(end)).map(
        (unit) => `${text.slice(0, end)} ${unit}${gap}${text.slice(end)}`,
      );
    });
}

/** Where a repetition begins, behind how many of them there are; and where its recovery does. */
const REPEATED = /(\d+)\s*[x×*]\s*$/i;
const BETWEEN = /\d\s*(?:[x×*]|-\s*\d).*(?:,|\b(?:off|with|r|rest|rec)\b[:=]?|\()\s*$/i;

/** More of it in km than any repetitions come to. */
const MOST_IN_REPS = 16;

/** Units of a repetition or its recovery: 3 x 10 are minutes, 90 between are seconds; undefined of others. */
function unitsOfReps(number: number, before: string): string[] | undefined {
  if (number >= 100) return undefined;
  const count = REPEATED.exec(before)?.[1];
  const isTime = count === undefined ? BETWEEN.test(before) : Number(count) * number > MOST_IN_REPS;
  if (!isTime) return undefined;
  return number >= 15 && !(count !== undefined && number <= 20) ? ['s', 'min'] : ['min', 'km', 's'];
}

/** 2 CD, 3 easy: what is run around repetitions is no recovery. */
const AROUND = /^\s*(?:cd|c\/d|cool|wu|w\/u|warm|easy)\b/i;

/** 15 wu, cd 10, shake-out 20: further than anyone warms up, or shakes their legs out, in km. */
const WARMED = /^\s*(?:cd|c\/d|cool|wu|w\/u|warm|shake-?out)\b/i;
const WARMING = /\b(?:cd|c\/d|cool[- ]?down|cool|wu|w\/u|warm[- ]?up|warm|shake-?out)\s*$/i;
const MOST_WARMING = 5;
const MILES = /\d ?mi(?!n)/i;
const WARMED_UP_IN = /\d ?(km?|mi(?:les?)?|mins?|m|')\s*(?:wu|w\/u|warm)/i;

/** What is not run, or run hard in one go: its length is said in minutes. */
const IN_MINUTES =
  /\b(?:swim|bike|cycle|row|rowing|walk|elliptical|pool run|gym|core|strength)\s*$/i;
const IN_ONE_GO = /\b(?:tempo|threshold|fartlek)(?: run)?\s*$/i;
const OF_MINUTES = /^\s*fartlek\b/i;
const HARD = /^\s*(?:tempo|threshold)\b/i;
const LEAST_MINUTES_IN_ONE_GO = 15;

/** Pyramid 1-2-3-2-1: rungs of minutes. */
const RUNGS = /(?:\b\d\s*-\s*){2,}$/;
/** 30-20-10: rungs of seconds. */
const RUNGS_OF_SECONDS = /(?:\b\d\d\s*-\s*){2,}$/;

/** True where nobody would mean kilometres. */
function isInMinutes(number: number, before: string, behind: string): boolean {
  const isLong = number >= LEAST_MINUTES_IN_ONE_GO && number < 100;
  return (
    IN_MINUTES.test(before) ||
    (isLong && (IN_ONE_GO.test(before) || OF_MINUTES.test(behind))) ||
    (isLong && HARD.test(behind) && WARMED_UP_IN.test(before)) ||
    (number < 10 && RUNGS.test(before))
  );
}

/** 2 mi wu, 20 min tempo, 2 cd: both ends are in one unit, and what is between says nothing of it. */
function unitsAround(
  number: number,
  { before, behind }: { before: string; behind: string },
  usual: SessionUnit | undefined,
): string[] {
  const [, warmed = ''] = WARMED_UP_IN.exec(before) ?? [];
  if (number > MOST_WARMING) return ['min', 'km'];
  if (/^mi(?!n)/i.test(warmed)) return ['mi', 'min'];
  if (/^k/i.test(warmed)) return ['km', 'min'];
  if (warmed !== '') return ['min', 'km'];
  return [...new Set([usual ?? (MILES.test(before + behind) ? 'mi' : 'km'), 'min'])];
}

/** Units that a number may be in, the likeliest first: what the amount before it is in, or the usual one. */
function unitsFor(
  number: number,
  { before, behind }: { before: string; behind: string },
  usual: SessionUnit | undefined,
): string[] {
  if (number < 100 && RUNGS_OF_SECONDS.test(before)) return ['s', 'min'];
  const short = AROUND.test(behind) ? undefined : unitsOfReps(number, before);
  if (short) return short;
  if (isInMinutes(number, before, behind)) return ['min', 'km'];
  const isAround = WARMED.test(behind) || WARMING.test(before);
  if (isAround && number < 100) return unitsAround(number, { before, behind }, usual);
  const likely = number >= 100 ? ['m', 's'] : number <= 42.2 ? ['km', 'min'] : ['min', 'm'];
  // What stands in brackets is between repetitions; 10k behind an @ is a pace.
  const run = before.replace(/\([^)]*\)|@[^,;(]*|\bw\/[^,;+]*/g, '');
  // Repetitions in metres say nothing of what is run around them.
  const last = [...run.matchAll(/\d\s*(km|k|min|miles?|mi)\b/gi)].at(-1)?.[1]?.toLowerCase();
  const same = last === 'k' ? 'km' : /^mi(le|$)/.test(last ?? '') ? 'mi' : (last ?? usual);
  const isLikely = same === 'mi' ? number <= 42.2 : likely.includes(same ?? '');
  return same !== undefined && isLikely
    ? [same, ...likely.filter((unit) => unit !== same)]
    : likely;
}
