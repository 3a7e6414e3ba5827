import { shiftWeekday, type Weekday } from '../../base/index.js';

/** The weekend first, then the days next to it: long runs want time. */
const LONG_RUN_DAYS: readonly Weekday[] = [
  'sunday',
  'saturday',
  'friday',
  'monday',
  'thursday',
  'wednesday',
  'tuesday',
];

/** Days after the long run, best first: an easy day at least lies between all hard days. */
const PAIRS = [
  [2, 5],
  [3, 5],
  [2, 4],
] as const;
const SINGLES = [[2], [3], [4], [5]] as const;

/** The day that a long run is usual on among the free ones; undefined where none is free. */
export function usualLongRunDay(isFree: (day: Weekday) => boolean): Weekday | undefined {
  return LONG_RUN_DAYS.find(isFree);
}

/**
 * Quality days among the free ones, two where there are two with an easy day on either side.
 * Legs are stiff straight after a day off: a day after one that is not free comes last.
 *
 * @example usualQualityDays('sunday', 2, () => true) // ['tuesday', 'friday']
 */
export function usualQualityDays(
  longRunOn: Weekday,
  count: 1 | 2,
  isFree: (day: Weekday) => boolean,
): Weekday[] {
  const on = (after: number) => shiftWeekday(longRunOn, after);
  const stiff = (days: readonly number[]) => days.filter((day) => !isFree(on(day - 1))).length;
  const open = (choices: readonly (readonly number[])[]) =>
    choices.filter((days) => days.every((day) => isFree(on(day))));
  const best = (choices: readonly (readonly number[])[]) =>
    [...choices].sort((one, other) => stiff(one) - stiff(other))[0];
  const found = (count === 2 ? best(open(PAIRS)) : undefined) ?? best(open(SINGLES)) ?? [];
  return found.map(on);
}
