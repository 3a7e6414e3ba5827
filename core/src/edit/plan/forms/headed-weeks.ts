import { weekdays } from '../../../base/index.js';
import { cellAt, FIGURE_HEAD, PART, type PlanForm, TEXT_HEAD, weekdayIn } from './form.js';
import { besideLabel, columnsOfDays, type HeadedWeek, type Sheet, weekOf } from './headed-week.js';

/** A heading with the days over every week: below it what is run, in a row or in several. */
export const headedWeeks: PlanForm = {
  said: 'Each of its weeks had a heading of its own; they stand under one here.',
  drawn(table, readDate) {
    const daysOf = (at: number) => columnsOfDays(table[at] ?? [], readDate);
    const heads = [...table.keys()].filter((at) => daysOf(at).length >= FEWEST_DAYS);
    const days = daysOf(heads[0] ?? 0);
    const isAlike = heads.every((at) => String(daysOf(at)) === String(days));
    if (heads.length < FEWEST_HEADS || !isAlike) return undefined;
    const sheet: Sheet = { table, readDate, days, label: labelOf(days) };
    const weeks = heads.map((at, place) => weekOf(sheet, at, heads[place + 1]));
    if (weeks.some(isOfManyWeeks)) return undefined;
    const isDated = weeks.every(({ title }) => readDate(title) !== undefined);
    const hasSums = weeks.some(({ sum }) => sum !== '');
    const head = [isDated ? 'Week of' : 'Week', ...daysIn(sheet, table[heads[0] ?? 0] ?? [])];
    return [
      hasSums ? [...head, 'Total'] : head,
      ...weeks.flatMap(({ title, sum, rows }, place) =>
        rows.map((row, at) => [
          ...named(row, at === 0 ? title || `Week ${place + 1}` : undefined),
          ...(hasSums ? [at === 0 ? sum : ''] : []),
        ]),
      ),
    ];
  },
};

/** Headings that are one of each week, at least, and the days that each names. */
const FEWEST_HEADS = 2;
const FEWEST_DAYS = 3;
/** More rows below a heading are the weeks of a month. */
const MOST_ROWS = 4;

/** The column before the days. */
function labelOf([first = 0]: readonly number[]): number | undefined {
  return first > 0 ? first - 1 : undefined;
}

function isOfManyWeeks({ rows }: HeadedWeek): boolean {
  return rows.length > MOST_ROWS && !rows.every(isAWeek);
}

/** A row with a number of its own: the heading stands on every page, or over every phase. */
function isAWeek(row: readonly string[]): boolean {
  return /^(?:week|wk)?\.?\s*\d{1,2}$/i.test(cellAt(row, 0));
}

/** A row with its week’s name, where it is the first of it; one below it says what part of the day it is, or nothing. */
function named(row: readonly string[], name: string | undefined): string[] {
  if (isAWeek(row)) return [...row];
  const own = cellAt(row, 0);
  const isPart = PART.test(own) || TEXT_HEAD.test(own) || FIGURE_HEAD.test(own);
  return [name ?? (isPart ? own : ''), ...row.slice(1)];
}

/** The heading beside its label, days by their names alone. */
function daysIn(sheet: Sheet, head: readonly string[]): string[] {
  const plain = head.map((cell, column) => {
    const [day = ''] = /^[a-z]+/i.exec(cell.trim()) ?? [];
    const isDay = sheet.days.includes(column);
    return (isDay && weekdays.find((each) => each === weekdayIn(day))) || cell;
  });
  return besideLabel(plain, sheet);
}
