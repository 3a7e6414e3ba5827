/**
 * A civil date, `YYYY-MM-DD`: a day on the wall calendar, never an instant.
 * Arithmetic goes through whole day numbers in UTC, so no time zone or
 * daylight-saving change can move a training day.
 */
export type CivilDate = string;

const MS_PER_DAY = 86_400_000;
const PATTERN = /^(\d{4})-(\d{2})-(\d{2})$/;

/**
 * Whole days since 1970-01-01, e.g. `toDayNumber('1970-01-02') // 1`.
 *
 * @returns NaN for text that is no date
 */
export function toDayNumber(date: CivilDate): number {
  const known = read.get(date);
  if (known !== undefined) return known;
  const [year, month, day] = [date.slice(0, 4), date.slice(5, 7), date.slice(8, 10)];
  const number = Date.UTC(Number(year), Number(month) - 1, Number(day)) / MS_PER_DAY;
  if (PATTERN.test(date)) read.set(date, number);
  return number;
}

/** Dates already read: a block reads the same ones at every key stroke. */
const read = new Map<CivilDate, number>();

/** The inverse of {@link toDayNumber}, e.g. `fromDayNumber(1) // '1970-01-02'`. */
export function fromDayNumber(day: number): CivilDate {
  const known = written.get(day);
  if (known !== undefined) return known;
  const date = new Date(day * MS_PER_DAY).toISOString().slice(0, 10);
  written.set(day, date);
  return date;
}

/** Dates already written out: a block writes the same ones at every key stroke. */
const written = new Map<number, CivilDate>();

/** True for a date that exists: `2028-02-29` yes, `2027-02-29` no. */
export function isCivilDate(text: string): boolean {
  const day = PATTERN.test(text) ? toDayNumber(text) : NaN;
  // Date.UTC rolls 30 February over into March; a real date survives the round trip.
  return Number.isInteger(day) && fromDayNumber(day) === text;
}

/** `addDays('2028-02-28', 2) // '2028-03-01'`. */
export function addDays(date: CivilDate, days: number): CivilDate {
  return fromDayNumber(toDayNumber(date) + days);
}

/** Days from `earlier` to `later`; negative when reversed. */
export function differenceInDays(later: CivilDate, earlier: CivilDate): number {
  return toDayNumber(later) - toDayNumber(earlier);
}
