import { type CivilDate, isCivilDate, metresPer, type Unit } from '../../base/index.js';
import { readTime } from '../../base/format/index.js';
import type { EntryKind } from '../run-entry.js';
import type { ActivitiesRead, Activity, ImportProblem } from './activity.js';
import { type ActivityColumn, unitInName } from './activity-columns.js';

/** A table of runs, and what its columns hold. */
export interface ActivityTable {
  rows: readonly (readonly string[])[];
  /** The row its names stand in. */
  head: number;
  columns: readonly ActivityColumn[];
}

/** What a cell is read with: the unit of bare distances, and how figures and days are written. */
interface Reading {
  metres: number;
  /** True where 1.234,5 is one thousand and more. */
  comma: boolean;
  /** True where the month stands before the day. */
  monthFirst: boolean;
}

/**
 * Reads a table of runs row by row: dates in any order of day and month that fits
 * all of them, figures with a point or a comma. A row that cannot be read is said
 * with its line, and the others are taken.
 */
export function readActivities(table: ActivityTable, unit: Unit): ActivitiesRead {
  const { rows, head, columns } = table;
  const body = rows.slice(head + 1);
  const at = (column: ActivityColumn) => columns.indexOf(column);
  const cells = (column: ActivityColumn) => body.map((row) => row[at(column)]?.trim() ?? '');
  const named = unitInName(rows[head]?.[at('distance')] ?? '') ?? unit;
  const reading: Reading = {
    metres: named === 'm' ? 1 : metresPer(named),
    comma: usesComma(cells('distance')),
    monthFirst: isMonthFirst(cells('date')),
  };
  const activities: Activity[] = [];
  const problems: ImportProblem[] = [];
  for (const [index, row] of body.entries()) {
    if (row.every((cell) => cell.trim() === '')) continue;
    const read = readRow((column) => row[at(column)]?.trim() ?? '', reading);
    if (typeof read === 'string')
      problems.push({ where: `line ${head + index + 2}`, message: read });
    else activities.push(read);
  }
  return { activities, problems };
}

function readRow(cell: (column: ActivityColumn) => string, reading: Reading): Activity | string {
  const date = readDay(cell('date'), reading);
  if (!date) return `“${cell('date')}” is not a date.`;
  const distance = amount(cell('distance'), reading);
  const time = duration(cell('time'), reading);
  if (distance === null) return `“${cell('distance')}” is not a distance.`;
  if (time === null) return `“${cell('time')}” is not a time: type it as 40:30 or 3:15:00.`;
  if (distance === undefined && time === undefined) return 'It has neither distance nor time.';
  const whole = (text: string) => {
    const value = Math.round(figure(text, reading) ?? NaN);
    return Number.isFinite(value) && value > 0 ? value : undefined;
  };
  const effort = whole(cell('effort'));
  return {
    date,
    kind: kindOf(cell('kind')),
    start: /\b([01]?\d|2[0-3]):[0-5]\d/.exec(cell('start') || cell('date'))?.[0]?.padStart(5, '0'),
    distance,
    time,
    heart: whole(cell('heart')),
    effort: effort !== undefined && effort <= 10 ? effort : undefined,
    note: cell('note').slice(0, MOST_NOTE) || undefined,
  };
}

const MOST_NOTE = 2000;

/** Metres; undefined for an empty cell, null for what is none. */
function amount(text: string, reading: Reading): number | undefined | null {
  if (text === '') return undefined;
  const found = /^([\d.,' ]+?) ?(km|mi|miles?|m)?$/i.exec(text);
  const value = found && figure(found[1] ?? '', reading);
  if (!found || value === undefined || value === null) return null;
  const unit = found[2]?.toLowerCase();
  const metres =
    unit === 'm' ? 1 : unit === 'km' ? metresPer('km') : unit ? metresPer('mi') : reading.metres;
  return Math.round(value * metres);
}

/** Seconds; undefined for an empty cell, null for what is none. A bare number is minutes. */
function duration(text: string, reading: Reading): number | undefined | null {
  if (text === '') return undefined;
  if (text.includes(':')) {
    const time = readTime(text);
    return time.ok ? time.value : null;
  }
  const minutes = figure(text.replace(/ ?(?:min|minutes?)$/i, ''), reading);
  return minutes === undefined ? null : minutes * 60;
}

function figure(text: string, { comma }: Reading): number | undefined {
  const plain = text.replace(/[' ]/g, '');
  const value = Number(
    comma ? plain.replaceAll('.', '').replace(',', '.') : plain.replaceAll(',', ''),
  );
  return plain !== '' && Number.isFinite(value) ? value : undefined;
}

/** A comma parts the decimals where some figure has it before one or two digits, and none a point there. */
function usesComma(cells: readonly string[]): boolean {
  return (
    cells.some((cell) => /\d,\d{1,2}\b/.test(cell)) &&
    !cells.some((cell) => /\.\d{1,2}\b/.test(cell))
  );
}

const DAY = /(\d{1,4})[-./](\d{1,2})[-./](\d{1,4})/;

/** Some date has more than twelve where the month would stand second. */
function isMonthFirst(cells: readonly string[]): boolean {
  const found = cells.map((cell) => DAY.exec(cell)).filter((each) => each !== null);
  return found.some(([, one = '', other = '']) => one.length < 3 && Number(other) > 12);
}

function readDay(text: string, { monthFirst }: Reading): CivilDate | undefined {
  const [, one = '', two = '', three = ''] = DAY.exec(text) ?? [];
  const [year, month, day] =
    one.length === 4
      ? [one, two, three]
      : [three.length === 2 ? `20${three}` : three, ...(monthFirst ? [one, two] : [two, one])];
  const date = [year, month?.padStart(2, '0'), day?.padStart(2, '0')].join('-');
  return isCivilDate(date) ? date : undefined;
}

const KINDS: readonly (readonly [RegExp, Exclude<EntryKind, 'missed'>])[] = [
  [/pool|aqua/i, 'pool'],
  [/bike|cycl|ride|rad|bici/i, 'bike'],
  [/swim|schwimm/i, 'swim'],
  [/walk|hike|wander/i, 'walk'],
  [/strength|weight|gym|kraft/i, 'strength'],
  [/run|lauf|jog|carrera|course|^$/i, 'run'],
];

function kindOf(text: string): Exclude<EntryKind, 'missed'> {
  return KINDS.find(([pattern]) => pattern.test(text))?.[1] ?? 'other';
}
