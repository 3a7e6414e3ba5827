import { type Weekday, weekdayOf, weekdaysFrom } from '../../base/index.js';
import { isPhaseName, type ReadDate } from './forms/index.js';
import { headed, isWeekday, type PlanColumn, rowsOfHead } from './plan-headings.js';

/** Rows before the plan begins, and what its columns hold. */
export interface PlanShape {
  head: number;
  columns: PlanColumn[];
}

/** What the columns of a table seem to hold: by their headings, else by what stands in them. */
export function guessColumns(
  table: readonly (readonly string[])[],
  weekStartsOn: Weekday,
  readDate: ReadDate,
): PlanShape {
  const width = Math.max(0, ...table.map((row) => row.length));
  const head = rowsOfHead(table);
  const heading = head - 1;
  const body = table.slice(head);
  const named = headed(table[heading] ?? [], width, weekStartsOn);
  const columns = named ?? Array.from({ length: width }, (): PlanColumn => 'nothing');
  const dated = columnOf(body, width, (cell) => !FIGURE.test(cell) && readDate(cell) !== undefined);
  if (dated !== undefined && !columns.includes('date') && columns[dated] === 'nothing') {
    columns[dated] = 'date';
  }
  const phased = columnOf(body, width, isPhaseName);
  // Behind the days such words are notes: a hilly run, a track.
  const isBefore = phased !== undefined && phased < columns.findIndex(isWeekday);
  if (isBefore && (table[heading]?.[phased] ?? '').trim() === '' && !columns.includes('phase')) {
    columns[phased] = 'phase';
  }
  if (!named) return { head, columns: unnamed(columns, body, weekStartsOn) };
  const isByTheDay =
    columns.includes('date') && !columns.some(isWeekday) && !(table[heading] ?? []).some(isWeekOf);
  return { head, columns: isByTheDay ? columns : columns.map(ofTheWeek) };
}

/** w/c, Week of: a date that is the first of a week. */
function isWeekOf(heading: string): boolean {
  return /^(?:w\/?c|week (?:of|commencing|beginning|starting))$/i.test(heading.trim());
}

/** Beside a week what is run on no day of its own is one of its key sessions. */
function ofTheWeek(column: PlanColumn): PlanColumn {
  return column === 'text' ? 'session' : column;
}

/**
 * The day that the weeks of a table begin on: the coach's own, unless its days stand
 * in another order, or its weeks are dated by another first day.
 */
export function startOfWeeks(
  table: readonly (readonly string[])[],
  { head, columns }: PlanShape,
  usual: Weekday,
  readDate: ReadDate,
): Weekday {
  const days = columns.filter(isWeekday);
  const dateAt = columns.indexOf('date');
  if (days.length === 0 && dateAt >= 0 && !columns.includes('text')) {
    const dates = table.slice(head).map((row) => readDate((row[dateAt] ?? '').trim()));
    const [first, ...others] = new Set(dates.flatMap((date) => (date ? [weekdayOf(date)] : [])));
    return first !== undefined && others.length === 0 ? first : usual;
  }
  const inOrder = (first: Weekday) =>
    weekdaysFrom(first)
      .filter((day) => days.includes(day))
      .every((day, place) => day === days[place]);
  return [usual, ...FIRST_DAYS].find(inOrder) ?? usual;
}

const FIRST_DAYS = ['monday', 'sunday', 'saturday'] as const;

/** 9.5 is nine and a half before it is the ninth of May. */
const FIGURE = /^\s*\d+(?:[.,]\d+)?\s*$/;

/** The first column of which most cells are such. */
function columnOf(
  body: readonly (readonly string[])[],
  width: number,
  isSuch: (cell: string) => boolean,
): number | undefined {
  for (let column = 0; column < width; column++) {
    const cells = body.map((row) => row[column] ?? '').filter((cell) => cell.trim() !== '');
    if (cells.length > 0 && cells.filter(isSuch).length > cells.length / 2) return column;
  }
  return undefined;
}

/** Without headings: seven columns are the days of a week, one beside a date what is run, one or two of figures a row of weeks. */
function unnamed(
  columns: readonly PlanColumn[],
  body: readonly (readonly string[])[],
  weekStartsOn: Weekday,
): PlanColumn[] {
  const found = [...columns];
  const open = found.flatMap((column, index) =>
    column === 'nothing' && body.some((row) => (row[index] ?? '').trim() !== '') ? [index] : [],
  );
  if (open.length >= 7) {
    // A week's number before its days.
    const from = open.length > 7 && isCounting(body, open[0] ?? 0) ? 1 : 0;
    if (from === 1) found[open[0] ?? 0] = 'week';
    weekdaysFrom(weekStartsOn).forEach((day, place) => {
      found[open[from + place] ?? 0] = day;
    });
  } else if (found.includes('date')) {
    if (open[0] !== undefined) found[open[0]] = 'text';
  } else {
    const figures = open.filter((index, place) => place > 0 || !isCounting(body, index));
    const [volume, long] = figures.sort((a, b) => meanOf(body, b) - meanOf(body, a));
    if (volume !== undefined) found[volume] = 'volume';
    if (long !== undefined) found[long] = 'longRun';
  }
  return found;
}

/** 1, 2, 3 …, Week 1, Week 2 … */
function isCounting(body: readonly (readonly string[])[], column: number): boolean {
  const numbers = body
    .map((row) => Number((row[column] ?? '').replace(/^\s*(?:week|wk|w)\.?\s*(?=\d)/i, '')))
    .filter((number) => number > 0);
  return (
    numbers.length > 1 &&
    numbers.every(
      (number, index) => Number.isInteger(number) && number === (numbers[0] ?? 0) + index,
    )
  );
}

function meanOf(body: readonly (readonly string[])[], column: number): number {
  const numbers = body.flatMap((row) => {
    const number = Number.parseFloat(row[column] ?? '');
    return Number.isFinite(number) ? [number] : [];
  });
  return numbers.reduce((total, number) => total + number, 0) / Math.max(1, numbers.length);
}
