import {
  addDays,
  type CivilDate,
  startOfWeek,
  type Weekday,
  weekdayOf,
  weekdaysFrom,
} from '../../base/index.js';
import type { ReadDate } from './forms/index.js';
import type { PlanShape } from './plan-columns.js';
import { isInHours, type PlanColumn } from './plan-headings.js';
import { isPhaseName } from './forms/index.js';

/** A cell of a coach's table, and what it is about. */
export interface PlanCell {
  kind:
    | 'day'
    | 'session'
    | 'volume'
    | 'longRun'
    | 'phase'
    /** A day of which nothing is said, in a week of which a figure is. */
    | 'open';
  /** The day itself, or the first day of the week. */
  date: CivilDate;
  text: string;
}

/** How a table is read. */
export interface PlanReading {
  weekStartsOn: Weekday;
  readDate: ReadDate;
  /** Where no row has a date, the last is the week of the race. */
  raceDate: CivilDate | undefined;
}

/**
 * The days and weeks of a coach's table, in order. A row without a date is the
 * week after the one before; an empty row is none, nor is one that only names the
 * phase of those below it (`BUILD`) or sums them up.
 */
export function planCells(
  table: readonly (readonly string[])[],
  { head, columns }: PlanShape,
  reading: PlanReading,
): PlanCell[] {
  const body = inHours(table.slice(head), columns, table[head - 1] ?? []);
  const rows = body.filter((row) => isOfAWeek(row, columns, reading));
  const headings = headingsOf(body, (row) => isOfAWeek(row, columns, reading));
  const dateAt = columns.indexOf('date');
  const dates = rows.map((row) => reading.readDate((row[dateAt] ?? '').trim()));
  const textAt = columns.indexOf('text');
  if (textAt >= 0 && dateAt >= 0) {
    const phaseAt = columns.indexOf('phase');
    return rows.flatMap((row, index): PlanCell[] => {
      const date = dates[index];
      if (!date) return [];
      const said: [PlanCell['kind'], string | undefined][] = [
        ['phase', headings.get(row)],
        ['phase', row[phaseAt]],
        ['day', row[textAt]],
      ];
      return said.flatMap(([kind, text = '']) =>
        text.trim() === '' ? [] : [{ kind, date, text: text.trim() }],
      );
    });
  }
  const starts = weekStarts(dates, reading);
  return rows.flatMap((row, index) => {
    const start = starts[index];
    if (start === undefined) return [];
    const cells = cellsOfWeek(row, columns, start);
    const text = headings.get(row);
    return text === undefined ? cells : [{ kind: 'phase', date: start, text }, ...cells];
  });
}

/** A bare figure under `Hours`: `4.5`, which is no minutes. */
const BARE = /^\s*\d{1,2}(?:[.,]\d{1,2})?\s*$/;

/** Rows whose weekly figures say that they are hours, where the heading says so. */
function inHours(
  body: readonly (readonly string[])[],
  columns: PlanShape['columns'],
  headings: readonly string[],
): readonly (readonly string[])[] {
  const at = columns.indexOf('volume');
  if (!isInHours(headings[at] ?? '')) return body;
  return body.map((row) =>
    row.map((cell, index) => (index === at && BARE.test(cell) ? `${cell.trim()} h` : cell)),
  );
}

/** What stands alone in a line above a row of a week. */
function headingsOf(
  body: readonly (readonly string[])[],
  isOfAWeek: (row: readonly string[]) => boolean,
): ReadonlyMap<readonly string[], string> {
  const found = new Map<readonly string[], string>();
  let heading: string | undefined;
  for (const row of body) {
    const [said = '', ...others] = row.map((cell) => cell.trim()).filter(Boolean);
    if (isOfAWeek(row)) {
      if (heading !== undefined) found.set(row, heading);
      heading = undefined;
    } else if (said !== '' && others.length === 0 && !SUMMING_UP.test(said)) heading = said;
  }
  return found;
}

const SUMMING_UP = /^(?:grand )?(?:totals?|sum|average|mean)\b/i;

/** True for a row that says something of a day or a week, or when or which week it is. */
function isOfAWeek(
  row: readonly string[],
  columns: PlanShape['columns'],
  { readDate }: Pick<PlanReading, 'readDate'>,
): boolean {
  const said = row.findIndex((cell) => cell.trim() !== '');
  if (SUMMING_UP.test((row[said] ?? '').trim())) return false;
  const isAlone = row.filter((cell) => cell.trim() !== '').length === 1;
  if (isAlone && isPhaseName(row[said] ?? '')) return false;
  return row.some((cell, index) => {
    const column = columns[index];
    if (cell.trim() === '' || column === 'nothing' || column === 'phase') return false;
    if (column === 'date') return /\d/.test(cell) || readDate(cell.trim()) !== undefined;
    return column !== 'week' || /\d/.test(cell);
  });
}

/** The first day of the week of every row; undefined where no row has a date and no race is known. */
function weekStarts(
  dates: readonly (CivilDate | undefined)[],
  { weekStartsOn, raceDate }: PlanReading,
): (CivilDate | undefined)[] {
  const known = dates.findIndex((date) => date !== undefined);
  const at = known < 0 ? dates.length - 1 : known;
  const anchor = known < 0 ? raceDate : dates[known];
  if (anchor === undefined) return dates.map(() => undefined);
  const first = addDays(startOfWeek(anchor, weekStartsOn), -7 * at);
  let next = first;
  return dates.map((date) => {
    const start = date === undefined ? next : startOfWeek(date, weekStartsOn);
    next = addDays(start, 7);
    return start;
  });
}

const BY_THE_WEEK: ReadonlySet<PlanColumn> = new Set(['volume', 'longRun', 'phase', 'session']);

function cellsOfWeek(
  row: readonly string[],
  columns: PlanShape['columns'],
  start: CivilDate,
): PlanCell[] {
  const days = weekdaysFrom(weekdayOf(start));
  const said = columns.flatMap((column, index): PlanCell[] => {
    const text = (row[index] ?? '').trim();
    if (text === '') return [];
    if (BY_THE_WEEK.has(column)) return [{ kind: column as PlanCell['kind'], date: start, text }];
    const place = days.findIndex((day) => day === column);
    return place < 0 ? [] : [{ kind: 'day', date: addDays(start, place), text }];
  });
  return [...said, ...openDays(columns, said, start)];
}

/** The other days of a plan of key days and what each week comes to: they are run, nobody says how. */
function openDays(
  columns: PlanShape['columns'],
  said: readonly PlanCell[],
  start: CivilDate,
): PlanCell[] {
  const days = weekdaysFrom(weekdayOf(start));
  const named = said.filter(({ kind }) => kind === 'day').map(({ date }) => date);
  const isWhole = days.every((day) => columns.includes(day));
  if (isWhole || named.length === 0 || !said.some(({ kind }) => kind === 'volume')) return [];
  const dates = days.map((_, place) => addDays(start, place));
  return dates
    .filter((date) => !named.includes(date))
    .map((date) => ({ kind: 'open', date, text: '' }));
}
