import type { Measure } from '../measure.js';
import { parseAmount } from './parse-amount.js';
import { inClock, withoutUnit } from './read-unit.js';

/** Between the amounts of a row: spaces, `;`, `/`, `and`, and a comma that no single decimal follows. */
const BETWEEN = /(?:\s|;|\/|&|\band\b|,(?!\d(?![\d:])))+/;
/** A unit that stands apart from its figure. */
const APART = /(?<=\d)\s+(?=(?:k|kms?|mi|miles?|m|mins?|minutes?)\b)/g;

/**
 * Reads an amount typed into a field, its unit behind it or not: `16`, `16 km`, `4h30` by time.
 *
 * @returns canonical metres or seconds, or undefined when it is no amount in that unit
 * @example readAmount('16 km', { basis: 'distance', unit: 'km', step: 1 }) // 16000
 */
export function readAmount(text: string, measure: Measure): number | undefined {
  const typed = inClock(text.trim().toLowerCase(), measure);
  const [figure = '', ...behind] = typed.split(/(?<=\d)(?![\d.,:])/);
  const isAlone = withoutUnit(behind.join('').trim(), measure) === '';
  return isAlone ? parseAmount(figure, measure) : undefined;
}

/**
 * Reads amounts in a row, as they are typed or pasted: `38 41 40 45`, `38, 41 and 40 km`.
 *
 * @returns canonical metres or seconds in the order typed, or undefined when one is no amount
 * @example readAmounts('38, 41 and 40,5', { basis: 'distance', unit: 'km', step: 1 }) // [38000, 41000, 40500]
 */
export function readAmounts(text: string, measure: Measure): number[] | undefined {
  const typed = inClock(text.toLowerCase(), measure).replace(APART, '');
  const words = typed.split(BETWEEN).filter(Boolean);
  const amounts = words.map((word) => readAmount(word, measure));
  return amounts.every((amount) => amount !== undefined) ? amounts : undefined;
}
