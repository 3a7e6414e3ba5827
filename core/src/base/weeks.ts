import { type CivilDate, addDays, differenceInDays } from './civil-date.js';
import { type Weekday, daysUntilWeekday, weekdayOf } from './weekday.js';

/** One calendar week of a block. */
export interface CalendarWeek {
  /** 1 for the first week. */
  number: number;
  /** Weeks to go: 0 for race week. */
  toGo: number;
  /** First day of the block in this week. */
  start: CivilDate;
  /** Days of the block in this week: 7, or fewer in a short first week. */
  length: number;
}

/** The first day of the week that holds `date`. */
export function startOfWeek(date: CivilDate, weekStartsOn: Weekday): CivilDate {
  return addDays(date, -daysUntilWeekday(weekStartsOn, weekdayOf(date)));
}

/**
 * The start of a block of `weeks` whole weeks, counted back from race week.
 * Week N holds race day: `countBack('2027-04-18', 18, 'monday') // '2026-12-14'`.
 */
export function countBack(raceDate: CivilDate, weeks: number, weekStartsOn: Weekday): CivilDate {
  return addDays(startOfWeek(raceDate, weekStartsOn), -7 * (weeks - 1));
}

/** Weeks from the one that holds `start` to the one that holds race day, both counted. */
export function countWeeks(start: CivilDate, raceDate: CivilDate, weekStartsOn: Weekday): number {
  const first = startOfWeek(start, weekStartsOn);
  return differenceInDays(startOfWeek(raceDate, weekStartsOn), first) / 7 + 1;
}

/** The weeks of a block; a start inside a week makes a short first week. */
export function calendarWeeks(
  start: CivilDate,
  weeks: number,
  weekStartsOn: Weekday,
): CalendarWeek[] {
  const firstWeek = startOfWeek(start, weekStartsOn);
  const missing = differenceInDays(start, firstWeek);
  return Array.from({ length: weeks }, (_, index) => ({
    number: index + 1,
    toGo: weeks - 1 - index,
    start: index === 0 ? start : addDays(firstWeek, 7 * index),
    length: index === 0 ? 7 - missing : 7,
  }));
}
