import { addDays, type CivilDate, type Weekday, weekdayOf } from '@nadir/core/base';

/** Days for which a server that was off makes up. */
const MADE_UP = 2;

/**
 * The day on which something was due by its weekday: today, or one of the two days
 * before, where the server was off; never a day before it was set.
 *
 * @example dueOn('sunday', '2027-02-15', '2027-02-01') → '2027-02-14', a Sunday
 */
export function dueOn(
  weekday: Weekday | null,
  today: CivilDate,
  since: CivilDate,
): CivilDate | undefined {
  for (let back = 0; back <= MADE_UP; back += 1) {
    const day = addDays(today, -back);
    if (weekdayOf(day) === weekday && day >= since) return day;
  }
  return undefined;
}
