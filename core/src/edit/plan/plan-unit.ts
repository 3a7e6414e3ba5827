import { rowsOfHead } from './plan-columns.js';

/** How the figures of a plan are counted. */
export type Counted = 'km' | 'mi' | 'time';

/** A unit that stands alone: `Miles`, `Total (km)`, `Mon (min)`; 10 km is a distance. */
const UNITS: readonly (readonly [words: RegExp, counted: Counted])[] = [
  [/(?<!\d\s*)\b(?:km|kms|kilomet(?:re|er)s?)\b/i, 'km'],
  [/(?<!\d\s*)\b(?:mi|miles?)\b/i, 'mi'],
  [/(?<!\d\s*)\b(?:mins?|minutes)\b/i, 'time'],
];

/** What a plan's figures count, by its headings and what stands over them; undefined where they say none, or two. */
export function countedIn(table: readonly (readonly string[])[]): Counted | undefined {
  const atTheSide = table.map(([first = '']) => first);
  const words = [...table.slice(0, rowsOfHead(table)).flat(), ...atTheSide];
  const [counted, ...others] = UNITS.filter(([unit]) => words.some((cell) => unit.test(cell)));
  return others.length === 0 ? counted?.[1] : undefined;
}
