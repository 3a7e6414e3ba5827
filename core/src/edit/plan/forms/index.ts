/** The ways in which coaches lay out a plan on paper, each drawn as a week or a day a row. */

import { calendar } from './calendar.js';
import { columnsOfADay } from './columns-of-a-day.js';
import { datedCells } from './dated-cells.js';
import { dayARow } from './day-a-row.js';
import { daysDown } from './days-down.js';
import { figureOfADay } from './figure-of-a-day.js';
import type { PlanForm, ReadDate, Table } from './form.js';
import { headedWeeks } from './headed-weeks.js';
import { numberedCalendar } from './numbered-calendar.js';
import { rowsOfAWeek } from './rows-of-a-week.js';
import { titledWeeks } from './titled-weeks.js';
import { toldByLine } from './told-by-line.js';
import { weekInALine } from './week-in-a-line.js';

export type { ReadDate } from './form.js';
export { isPhaseName, kindOf, nameOf } from './phase-names.js';

/** The first that a table is laid out in is what it is. */
const forms = [toldByLine, weekInALine, daysDown, dayARow, calendar, datedCells, numberedCalendar];

/** Of a table with a week a row: how the days of each are told. */
const formsOfDays = [columnsOfADay, rowsOfAWeek, figureOfADay];

/** A plan with a week or a day a row, and what is said of one that came otherwise. */
export interface CameAs {
  table: readonly (readonly string[])[];
  said?: string | undefined;
}

/** Draws a coach's table with a week or a day a row. */
export function drawnOut(table: Table, readDate: ReadDate): CameAs {
  const whole = firstOf(forms, table, readDate);
  if (whole) return whole;
  const headed = firstOf([headedWeeks, titledWeeks], table, readDate);
  return firstOf(formsOfDays, headed?.table ?? table, readDate) ?? headed ?? { table };
}

function firstOf(tried: readonly PlanForm[], table: Table, readDate: ReadDate): CameAs | undefined {
  for (const { said, drawn } of tried) {
    const found = drawn(table, readDate);
    if (found) return { table: found, said };
  }
  return undefined;
}
