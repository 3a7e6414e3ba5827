import { differenceInDays } from '../../../base/index.js';
import { isDate, type ReadDate } from './form.js';

/** `Week 3`, `3` */
const WEEK = /^(?:week|wk)?\.?\s*\d{1,2}\b/i;
/** `Week 3 – 60 km`, `Week 3 (total: 60 km)`, `Week 3: 55–60 km`, `Week 3 - 60k`; 10k is a race. */
const SUM_IN_TITLE =
  /(?:\btotal:?\s*)?\b(\d+(?:[.,]\d+)?(?:\s*[-–]\s*\d+)?\s*(?:km|kms|mi|miles|min|mins)|(?:[2-9]\d|1\d\d)\s*k)\b(?:\s*total\b)?/i;
/** What the column of labels is called. */
const COLUMN = /^(?:weeks?|wk|w c|week of|dates?|days?|no|phase)$/i;
/** What stands before the date of a week: `w/c`, `Week 3:`, `Week of` */
const BEFORE_DATE =
  /^(?:week|wk)?\s*(?:\d+\s*[:–-]?\s*)?(?:w\/?c|of|commencing|beginning|starting)?\s*/i;

/** `Week 3 – 60 km (Base)` is week 3, `w/c 15 March` its date; a heading’s own `Week` is nothing. */
export function titleOf(said: string, readDate: ReadDate): string {
  return dateIn(said, readDate) || (WEEK.exec(said)?.[0] ?? '');
}

/** `Week 3 (15–21 March)` is of that date; empty where a title says none. */
export function dateIn(said: string, readDate: ReadDate): string {
  const date = said.replace(BEFORE_DATE, '');
  const pieces = [date, ...date.split(/[():]|\s[–—-]\s/)].map((piece) => piece.trim());
  return pieces.find((piece) => isDate(piece, readDate)) ?? '';
}

/** `Week 3 – 60 km` comes to 60 km: its unit is the plan’s. Empty where a title says nothing of it. */
export function sumIn(said: string): string {
  return SUM_IN_TITLE.exec(behindNumber(said))?.[1] ?? '';
}

/** `Week 3 – Base (60 km)` is of the base; the name of the column is nothing. */
export function phaseOf(said: string): string {
  const beside = besideSum(said);
  return /\d/.test(beside) || COLUMN.test(beside) ? '' : beside;
}

/** `Week 3 – Base (60 km)`: what a title says beside its number and its sum. */
export function besideSum(said: string): string {
  return behindNumber(said)
    .replace(SUM_IN_TITLE, '')
    .replace(WEEK, '')
    .replace(/[^a-z\d]+/gi, ' ')
    .trim();
}

/** `Week 3 – 60 km` is no range from 3 to 60. */
function behindNumber(said: string): string {
  return said.replace(/^(?:week|wk)\.?\s*\d{1,2}\b/i, '');
}

/** Whether titles date their weeks: `(3/12)` and `(4/12)` may be the third of twelve and the fourth. */
export function areDated(titles: readonly string[], readDate: ReadDate): boolean {
  const dates = titles.map((title) => readDate(title));
  return dates.every((date, at) => {
    const before = dates[at - 1];
    return date !== undefined && (before === undefined || differenceInDays(date, before) >= 7);
  });
}
