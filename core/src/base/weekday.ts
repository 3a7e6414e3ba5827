import { type CivilDate, toDayNumber } from './civil-date.js';

export const weekdays = [
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
  'sunday',
] as const;

export type Weekday = (typeof weekdays)[number];

/** The weekday `days` after `weekday`, e.g. `shiftWeekday('sunday', 1) // 'monday'`. */
export function shiftWeekday(weekday: Weekday, days: number): Weekday {
  return at((((weekdays.indexOf(weekday) + days) % 7) + 7) % 7);
}

/** `weekdayOf('2027-04-18') // 'sunday'`. */
export function weekdayOf(date: CivilDate): Weekday {
  // 1970-01-01 was a Thursday: three days after a Monday.
  return at((((toDayNumber(date) + 3) % 7) + 7) % 7);
}

/** Days from `from` forward to the next `to`, 0–6, e.g. saturday → monday is 2. */
export function daysUntilWeekday(from: Weekday, to: Weekday): number {
  return (weekdays.indexOf(to) - weekdays.indexOf(from) + 7) % 7;
}

function at(index: number): Weekday {
  return weekdays[index] ?? 'monday';
}

/** The seven weekdays in the order of a week that begins on one of them. */
export function weekdaysFrom(first: Weekday): Weekday[] {
  return weekdays.map((_, index) => shiftWeekday(first, index));
}
