import {
  cellAt,
  FIGURE,
  FIGURE_HEAD,
  isDate,
  type ReadDate,
  SUM,
  type Table,
  weekdayIn,
  widthOf,
} from './form.js';
import { phaseOf, sumIn, titleOf } from './week-title.js';

/** A table whose weeks have headings: the columns of its days, and that of labels before them, if there is one. */
export interface Sheet {
  table: Table;
  readDate: ReadDate;
  days: readonly number[];
  label: number | undefined;
}

/** What stands under one heading, rows with their label first. */
export interface Headed {
  /** The number or the date of its week; empty where it says none. */
  title: string;
  /** What it says beside that: a phase, a month. */
  phase: string;
  sum: string;
  rows: string[][];
}

/** `Mon 15 March` */
const DATED_DAY = /^([a-z]+)\.?,?\s+(.+)$/i;
/** What a row is called that says something of the days above it. */
const NOTES = /^(?:notes?|comments?|remarks?|focus|purpose|aim)$/i;
/** Dates that make a row one of dates. */
const FEWEST_DATES = 3;

/** The columns of a row that name days, with their dates or without. */
export function columnsOfDays(row: readonly string[], readDate: ReadDate): number[] {
  return row.flatMap((cell, column) => {
    const isDay = weekdayIn(cell) !== undefined || dateBehind(cell, readDate) !== undefined;
    return isDay ? [column] : [];
  });
}

/** A row without the column of labels. */
export function besideLabel(row: readonly string[], { label }: Sheet): string[] {
  return row.filter((_, column) => column !== label);
}

/** What stands under the heading in a row, as far as that of the next. */
export function headedBy(sheet: Sheet, at: number, next: number | undefined): Headed {
  const { table, readDate, label } = sheet;
  const end = next === undefined ? table.length : next - (titleAbove(table, next) ? 1 : 0);
  const body = table.slice(at + 1, end).filter((row) => row.some((cell) => cell.trim() !== ''));
  const labelOf = (row: readonly string[] | undefined) =>
    label === undefined ? '' : cellAt(row, label);
  const isSum = (row: readonly string[]) => {
    // A row of kilometres is that of its days.
    const isName = SUM.test(labelOf(row)) && !FIGURE_HEAD.test(labelOf(row));
    return isName && figuresOf(row).length === 1;
  };
  const dates = body.filter((row) => isOfDates(row, sheet));
  const said = `${titleAbove(table, at) ?? ''} ${labelOf(table[at])}`.trim();
  const rows = body
    .filter((row) => !dates.includes(row) && !isSum(row))
    .map((row) => {
      const full = Array.from({ length: widthOf(table) }, (_, column) => cellAt(row, column));
      return [labelOf(row), ...besideLabel(full, sheet)];
    });
  return {
    title: firstDate([table[at] ?? [], ...dates], sheet) ?? titleOf(said, readDate),
    phase: phaseOf(said),
    sum: sumIn(said) || (figuresOf(body.find(isSum) ?? [])[0] ?? ''),
    rows: withNotes(rows),
  };
}

/** The date that stands behind a day’s name, as it is written. */
function dateBehind(cell: string, readDate: ReadDate): string | undefined {
  const [, day = '', date = ''] = DATED_DAY.exec(cell.trim()) ?? [];
  return weekdayIn(day) && isDate(date, readDate) ? date : undefined;
}

/** `29 Mar | 30 Mar | …` below the names of the days. */
function isOfDates(row: readonly string[], { days, readDate }: Sheet): boolean {
  return days.filter((day) => isDate(cellAt(row, day), readDate)).length >= FEWEST_DATES;
}

/** The date of the first day, where one of these rows has it. */
function firstDate(rows: Table, { days: [first = 0], readDate }: Sheet): string | undefined {
  return rows
    .map((row) => dateBehind(cellAt(row, first), readDate) ?? cellAt(row, first))
    .find((cell) => isDate(cell, readDate));
}

/** What a line alone says above a heading: `Week 3`, `Week 3 – 60 km`. */
function titleAbove(table: Table, at: number): string | undefined {
  const filled = (table[at - 1] ?? []).filter((cell) => cell.trim() !== '');
  return filled.length === 1 ? filled[0]?.trim() : undefined;
}

/** Notes below the days stand in brackets behind what is run. */
function withNotes(rows: readonly string[][]): string[][] {
  const isNote = (row: readonly string[]) => NOTES.test(cellAt(row, 0));
  const notes = rows.filter(isNote);
  const [first = [], ...more] = rows.filter((row) => !isNote(row));
  const noted = first.map((cell, column) => {
    const said = notes.map((note) => cellAt(note, column)).filter(Boolean);
    return column === 0 || said.length === 0 ? cell : `${cell} [${said.join(', ')}]`.trim();
  });
  return [noted, ...more];
}

function figuresOf(row: readonly string[]): string[] {
  return row.map((cell) => cell.trim()).filter((cell) => FIGURE.test(cell));
}
