import { sum } from '@nadir/core/base';
import type { Handout, HandoutDay } from '@nadir/core/present/handout';
import { smallOf } from './fitting-words.js';
import type { Ink } from './ink.js';

/** Points between the plan and the edge of the paper. */
export const EDGE = 21;

/** Widths of the columns that hold no day, as parts of a letter. */
const PARTS = { spine: 2.6, week: 2.6, from: 5, long: 4, total: 5, run: 5, done: 2.6 } as const;

/** Where the columns of a sheet begin. */
export interface Columns {
  spine: number;
  week: number;
  from: number;
  days: { x: number; width: number }[];
  long: number;
  total: number;
  run: number;
  done: number;
  end: number;
}

/** Days are as wide as what is written in them asks for. */
export function columnsOf(ink: Ink, { weeks }: Handout, size: number, width: number): Columns {
  const part = (of: keyof typeof PARTS) => PARTS[of] * size;
  const spineAt = EDGE;
  const week = spineAt + part('spine');
  const from = week + part('week');
  const start = from + part('from');
  const end = width - EDGE;
  const done = end - part('done');
  const run = done - part('run');
  const total = run - part('total');
  const long = total - part('long');
  let x = start;
  const days = dayWidths(ink, weeks, size, long - start).map((width) => {
    const column = { x, width };
    x += width;
    return column;
  });
  return { spine: spineAt, week, from, days, long, total, run, done, end };
}

/** Every day has room for its role; what is left goes to those with more to say. */
function dayWidths(ink: Ink, weeks: Handout['weeks'], size: number, room: number): number[] {
  const figures = 3.2 * size;
  const columns = Array.from({ length: 7 }, (_, column) => {
    const days = weeks.flatMap((week) => week.days.filter((day) => day.column === column));
    const widest = (textOf: (day: HandoutDay) => string, letters: number) =>
      Math.max(3 * size, ...days.map((day) => ink.width(textOf(day), { size: letters })));
    const need = figures + widest(({ role }) => longestWord(role), smallOf(size));
    const wish =
      figures +
      Math.min(
        16 * size,
        widest(({ words, role }) => words || role, size),
      );
    return { need, more: Math.max(1, wish - need) };
  });
  const left = room - sum(columns.map(({ need }) => need));
  const more = sum(columns.map((each) => each.more));
  return columns.map((each) => each.need + (left * each.more) / more);
}

function longestWord(text: string): string {
  return text.split(' ').reduce((longest, word) => (word.length > longest.length ? word : longest));
}
