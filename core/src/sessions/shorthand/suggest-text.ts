import type { SessionUnit } from './session.js';

/** Most slips mended in one line. */
const MOST_MENDS = 6;

/** Where a text stops reading, counted from 0; undefined where it reads. */
type FailsAt = (text: string) => number | undefined;

/** Texts with something added at a place, or before it, that may have been left out. */
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
  return mended(text, failsAt, (tried, at) => mends(tried, at, usual));
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
const LEAST = /\d+\s*[-–]\s*$/;

const NOT_FIRST = /\d|\b(?:wu|cd|warm|cool)\b/i;

/** What a figure without its unit may be: 400 is no distance in km. */
const MOST_IN_A_TABLE: Readonly<Record<SessionUnit, number>> = {
  ...{ km: 80, mi: 50, min: 300 },
  ...{ h: 0, s: 0, m: 0 },
};

function mended(text: string, failsAt: FailsAt, mendsOf: Mends): string | undefined {
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

/** What may be missing at a place, or before it: a bracket that is not closed is found out late. */
function mends(text: string, at: number, usual: SessionUnit | undefined): string[] {
  const strides = text
    .replace(/(?<![x×*]\s*|\d)(\d+)\s*(?:x\s*)?(?=strides?\b)/i, '$1 x 100 m ')
    .replace(/(?<![x×*]\s*|\d)(\d+)\s*(?:x\s*)?(?=hill sprints?\b)/i, '$1 x 10 s ');
  const pace = text.replace(
    /((?:@|\bat\b)\s*\d+:\d\d(?:\s*-\s*\d+:\d\d)?)(?!\s*[-\d/:])/i,
    `$1 ${/\d\s*mi(les?)?\b/i.test(text) ? '/mi' : '/km'}`,
  );
  return [
    ...(strides === text ? [] : [strides]),
    ...withUnits(text, at, (number, before) => unitsFor(number, before, usual)),
    ...(pace === text ? [] : [pace]),
  ];
}

/** A number that says nothing of what it counts. */
const BARE =
  /(?<![\d:.,a-z]|[@/+]\s*)\d+(?:[.,]\d+)?(?![\d:.,'′"″%/]|\s*[-–x×*]|\s*(?:k|kms?|mi|miles?|m|min|mins|minutes?|s|secs?|h|hrs?|hours?)\b)/gi;

/** 6 strides are no 6 km; 6 x 100 strides are each of some length. */
const COUNTED = /^\d{1,2}\s*(?:strides?|hills?|reps|sprints|surges|pick-ups|accelerations)\b/i;

/** Each bare number up to a place, and just behind it, with a unit. */
function withUnits(
  text: string,
  at: number,
  units: (number: number, before: string) => string[],
): string[] {
  return [...text.matchAll(BARE)]
    .filter(({ index }) => index <= at && !COUNTED.test(text.slice(index)))
    .flatMap(({ 0: digits, index }) => {
      const end = index + digits.length;
      const number = Number(digits.replace(',', '.'));
      return units(number, text.slice(0, index)).map(
        (unit) => `${text.slice(0, end)} ${unit}${text.slice(end)}`,
      );
    });
}

/** Units that a number may be in, the likeliest first: what the amount before it is in, or the usual one. */
function unitsFor(number: number, before: string, usual: SessionUnit | undefined): string[] {
  const likely = number >= 100 ? ['m', 's'] : number <= 42.2 ? ['km', 'min'] : ['min', 'm'];
  const last = [...before.matchAll(/\d\s*(km|k|min|miles?|mi|m)\b/gi)].at(-1)?.[1]?.toLowerCase();
  const same = last === 'k' ? 'km' : /^mi(le|$)/.test(last ?? '') ? 'mi' : (last ?? usual);
  const isLikely = same === 'mi' ? number <= 42.2 : likely.includes(same ?? '');
  return same !== undefined && isLikely
    ? [same, ...likely.filter((unit) => unit !== same)]
    : likely;
}
