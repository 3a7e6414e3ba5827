import { type CivilDate, type Weekday, weekdays } from '../../../base/index.js';

/** Reads a day as coaches write it; undefined where it is none. */
export type ReadDate = (text: string) => CivilDate | undefined;

/** A coach's table: rows of cells. */
export type Table = readonly (readonly string[])[];

/** A way to lay out a plan that is not weeks down and days across. */
export interface PlanForm {
  /** What is said of a table that came so. */
  said: string;
  /** The same plan with a week, or a day, a row; undefined of a table that is not laid out so. */
  drawn: (table: Table, readDate: ReadDate) => Table | undefined;
}

export function cellAt(row: readonly string[] | undefined, column: number): string {
  return (row?.[column] ?? '').trim();
}

export function widthOf(table: Table): number {
  return Math.max(0, ...table.map((row) => row.length));
}

/** `8`, `9.5 km`, `45 min`: how much, and no more. */
export const FIGURE =
  /^\d+(?:[.,]\d+)?\s*(?:km|kms|k|mi|miles?|min|mins|minutes?|h)?\.?$|^\d:[0-5]\d$/i;

const DAY =
  /^(?<day>mon|tue|wed|thu|fri|sat|sun)(?:s|r|rs|nes|day|sday|nesday|rsday|urday)?\.?(?:\s*[-–/(,]?\s*(?<part>a\.?m\.?|p\.?m\.?|morning|afternoon|evening|midday|[12])\)?)?$/i;

/** `Tue`, `Thursday (pm)`: a day of the week and nothing that is run; undefined of another cell. */
export function weekdayIn(text: string): Weekday | undefined {
  const day = DAY.exec(text.trim())?.groups?.day?.toLowerCase();
  return day === undefined ? undefined : weekdays.find((each) => each.startsWith(day));
}

/** The day that weeks begin on, by the first that a plan tells of: one that begins within a week has them from Monday on. */
export function firstDayOf(told: Weekday | undefined): Weekday {
  return told === 'sunday' || told === 'saturday' ? told : 'monday';
}

/** The column in which days of the week stand, and their rows; undefined where they stand in none, or beside their dates. */
export function columnOfDays(
  table: Table,
  readDate: ReadDate,
): { column: number; rows: number[] } | undefined {
  for (let column = 0; column < Math.min(MOST_BEFORE, widthOf(table)); column++) {
    const rows = table.flatMap((row, index) => (weekdayIn(cellAt(row, column)) ? [index] : []));
    const named = new Set(rows.map((row) => weekdayIn(cellAt(table[row], column))));
    const dated = rows.filter((row) => table[row]?.some((cell) => isDate(cell, readDate)));
    if (named.size >= FEWEST_DAYS && dated.length <= rows.length / 2) return { column, rows };
  }
  return undefined;
}

/** Columns in which days may stand: behind a phase, a week, a date. */
const MOST_BEFORE = 4;
/** Fewer days of the week are no week of a coach's. */
const FEWEST_DAYS = 3;

/** A date, and no figure that could be one. */
export function isDate(cell: string, readDate: ReadDate): boolean {
  return !FIGURE.test(cell.trim()) && readDate(cell.trim()) !== undefined;
}

/** `Total`, `Weekly km`: the name of what sums up. */
export const SUM =
  /^(?:(?:week(?:ly)?|grand) )?(?:total|totals|sum|volume|km|kms|miles|mileage|hours|hrs)\b/i;

/** What a heading says of a figure for each day. */
export const FIGURE_HEAD =
  /^(?:km|kms|mi|miles|mileage|min|mins|minutes|dist\.?|distance|volume|time|duration|length)(?:\s*[([].*)?$/i;
/** What a heading says of what is run. */
export const TEXT_HEAD =
  /^(?:session|sessions|run|training|plan|what|workout|details?|type|activity|description)$/i;

/** What a heading says of a part of the day. */
export const PART =
  /^(?:a\.?m\.?|p\.?m\.?|morning|afternoon|evening|run [12]|[12](?:st|nd)?(?: run)?)$/i;
