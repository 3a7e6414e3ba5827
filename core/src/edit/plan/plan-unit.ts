import { sum } from '../../base/index.js';
import type { PlanCell } from './plan-cells.js';
import { rowsOfHead } from './plan-headings.js';

/** How the figures of a plan are counted. */
export type Counted = 'km' | 'mi' | 'time';

const UNITS = [
  ['km', 'k(?:ms?)?|kilomet(?:re|er)s?'],
  ['mi', 'mi|miles?'],
  ['time', 'mins?|minutes|hours|hrs'],
] as const;

/** A unit that stands alone: `Miles`, `Total (km)`, `Mon (min)`; 10 km is a distance. */
const HEADINGS = UNITS.map(
  ([counted, words]) => [new RegExp(`(?<!\\d\\s*)\\b(?:${words})\\b`, 'i'), counted] as const,
);

/** What a run begins with: `6 mi easy`, `easy 50 min`, `45'`; a repetition is none. */
const RUNS = UNITS.map(
  ([counted, words]) =>
    [new RegExp(`^(?:[a-z]+ )?\\d+(?:[.,]\\d+)? ?(?:${words})(?![a-z])`, 'i'), counted] as const,
);

/** `12`, `12 easy`: a figure without a unit, and not 6 x 1 km or 1:30. */
const BARE = /^\d+(?:[.,]\d+)?(?=$| (?!(?:x|m|s|h)\b)[a-z(+])/i;

/** Policy: on most days nobody runs so many kilometres or miles, and everybody so many minutes. */
const MINUTES_FROM = 30;

/**
 * What a plan's figures count: by its headings and what stands over or beside them, else
 * by what its weeks or its days say of themselves; undefined where none says it.
 */
export function countedIn(
  table: readonly (readonly string[])[],
  cells: readonly PlanCell[],
): Counted | undefined {
  return byHeadings(table) ?? byWeeks(cells) ?? byDays(cells);
}

/** Letters of what stands beside a row; what is longer tells of a day. */
const LONGEST_LABEL = 20;

function byHeadings(table: readonly (readonly string[])[]): Counted | undefined {
  const atTheSide = table.flatMap(([first = '']) => (first.length <= LONGEST_LABEL ? first : []));
  const words = [...table.slice(0, rowsOfHead(table)).flat(), ...atTheSide];
  const [counted, ...others] = HEADINGS.filter(([unit]) => words.some((cell) => unit.test(cell)));
  return others.length === 0 ? counted?.[1] : undefined;
}

/** `30 miles` as what a week comes to. */
function byWeeks(cells: readonly PlanCell[]): Counted | undefined {
  const weeks = cells.filter(({ kind }) => kind === 'volume').map(({ text }) => text);
  const [counted, ...others] = RUNS.filter(([run]) => weeks.some((text) => run.test(text)));
  return others.length === 0 ? counted?.[1] : undefined;
}

function byDays(cells: readonly PlanCell[]): Counted | undefined {
  const days = cells
    .filter(({ kind }) => kind === 'day')
    .map(({ text }) => text.replace(/['’](?!\d)/g, ' min'));
  const isSaid = (text: string) => RUNS.some(([run]) => run.test(text));
  const bare = days
    .filter((text) => BARE.test(text) && !isSaid(text))
    .map((text) => Number.parseFloat(text));
  if (bare.length > 0 && medianOf(bare) >= MINUTES_FROM) return 'time';
  const said = RUNS.map(
    ([run, counted]) => [days.filter((text) => run.test(text)).length, counted] as const,
  );
  const all = bare.length + sum(said.map(([count]) => count));
  return said.find(([count]) => 2 * count > all)?.[1];
}

function medianOf(numbers: readonly number[]): number {
  return [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)] ?? 0;
}
