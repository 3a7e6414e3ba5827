import { type Weekday, weekdayOf, weekdays, weekdaysFrom } from '../../base/index.js';
import type { ReadDate } from './forms/index.js';

/** What a column of a coach's table holds. */
export type PlanColumn =
  Weekday | 'date' | 'week' | 'phase' | 'text' | 'session' | 'volume' | 'longRun' | 'nothing';

/** What each is called. */
export const planColumnWords: Readonly<Record<Exclude<PlanColumn, Weekday>, string>> = {
  date: 'Date',
  week: 'Week',
  phase: 'Phase',
  text: 'Session',
  session: 'Key session',
  volume: 'Volume',
  longRun: 'Long run',
  nothing: 'Not used',
};

/** Rows before the plan begins, and what its columns hold. */
export interface PlanShape {
  head: number;
  columns: PlanColumn[];
}

const HEADS: readonly (readonly [RegExp, PlanColumn])[] = [
  [/^(?:date|dates|w\/?c|week (?:of|commencing|beginning|starting)|starts?|from)$/, 'date'],
  [/^(?:week|wk|weeks|no\.?|#|week (?:no\.?|number))$/, 'week'],
  [/^(?:phase|phases|block|cycle|mesocycle|period)$/, 'phase'],
  [/^(?:session|sessions|run|training|plan|what|workout|details?)$/, 'text'],
  [/^(?:key|hard|quality|q)(?: (?:sessions?|workouts?|days?))? ?#?\d?$/, 'session'],
  [/^(?:session|workout) ?#?\d$/, 'session'],
  [
    /^(?:total|totals|volume|km|kms|miles|mi|mileage|sum|min|minutes|week(?:ly)? (?:total|volume|km|miles|mileage)|total (?:km|miles|min))$/,
    'volume',
  ],
  [/^(?:long|long run|longest|lr)$/, 'longRun'],
];

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
  if (!named) return { head, columns: unnamed(columns, body, weekStartsOn) };
  const isByTheDay =
    columns.includes('date') && !columns.some(isWeekday) && !(table[heading] ?? []).some(isWeekOf);
  return { head, columns: isByTheDay ? columns : columns.map(ofTheWeek) };
}

function isWeekday(column: PlanColumn): column is Weekday {
  return weekdays.some((day) => day === column);
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

/** So many days of the week are headings, whatever a line above says of them. */
const MOST_OF_A_WEEK = 4;

function isDay(cell: string): boolean {
  const head = headOf(cell);
  return head !== undefined && isWeekday(head);
}

/** Lines over a table in which its headings may stand. */
const MOST_HEAD = 6;

/** Rows before the plan begins, its headings with them; 0 where it has none. */
export function rowsOfHead(table: readonly (readonly string[])[]): number {
  const rows = table.slice(0, MOST_HEAD);
  const named = rows.findIndex((row) => row.filter(isDay).length >= MOST_OF_A_WEEK);
  return (named < 0 ? rows.findIndex(isHeading) : named) + 1;
}

function isHeading(row: readonly string[]): boolean {
  const known = row.filter((cell) => headOf(cell) !== undefined).length;
  return known >= 2 || daysAcross(row, 'monday') !== undefined;
}

function headOf(cell: string): PlanColumn | undefined {
  const words = cell
    .trim()
    .toLowerCase()
    .replace(/\s*[([].*$/, '');
  const short = /^(?:tues|thurs?|weds)$/.test(words) ? words.slice(0, 3) : words;
  const weekday = weekdays.find((day) => [day, day.slice(0, 3), day.slice(0, 2)].includes(short));
  if (weekday) return weekday;
  return HEADS.find(([pattern]) => pattern.test(words))?.[1];
}

/** Seven days side by side, and the column they begin at. */
interface DaysAcross {
  at: number;
  days: Weekday[];
}

function daysAcross(row: readonly string[], weekStartsOn: Weekday): DaysAcross | undefined {
  return initialsAt(row) ?? numbersAt(row, weekStartsOn);
}

/** `Day 1` to `Day 7`, from the first of the coach's week on. */
function numbersAt(row: readonly string[], weekStartsOn: Weekday): DaysAcross | undefined {
  const days = weekdaysFrom(weekStartsOn);
  const numbers = row.map((cell) => /^d(?:ay)? ?([1-7])$/i.exec(cell.trim())?.[1]);
  const at = numbers.indexOf('1');
  const isWhole = at >= 0 && days.every((_, place) => numbers[at + place] === String(place + 1));
  return isWhole ? { at, days } : undefined;
}

/** `M T W T F S S`, in whatever order a week begins. */
function initialsAt(row: readonly string[]): DaysAcross | undefined {
  const letters = row.map((cell) => cell.trim().toLowerCase());
  for (const first of weekdays) {
    const days = weekdaysFrom(first);
    const wanted = days.map((day) => day.charAt(0));
    const at = letters.findIndex((_, index) =>
      wanted.every((letter, place) => letters[index + place] === letter),
    );
    if (at >= 0) return { at, days };
  }
  return undefined;
}

function headed(
  row: readonly string[],
  width: number,
  weekStartsOn: Weekday,
): PlanColumn[] | undefined {
  const across = daysAcross(row, weekStartsOn);
  const columns = Array.from({ length: width }, (_, index): PlanColumn => {
    const day = across?.days[index - across.at];
    return day ?? headOf(row[index] ?? '') ?? 'nothing';
  });
  const taken = new Set<PlanColumn>();
  const once = columns.map((column): PlanColumn => {
    if (column !== 'session' && taken.has(column)) return 'nothing';
    taken.add(column);
    return column;
  });
  return once.some((column) => column !== 'nothing') ? once : undefined;
}

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
