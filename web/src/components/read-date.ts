import { type CivilDate, addDays } from '@nadir/core/base';
import { format, isValid, parse } from 'date-fns';

/** Ways in which a coach writes a day, the fullest first; a year that is left out is the nearest. */
const WITH_YEAR = ['d M yyyy', 'd M yy', 'd MMM yyyy', 'd MMM yy', 'd MMMM yyyy', 'yyyy M d'];
const WITHOUT_YEAR = ['d M', 'd MMM', 'd MMMM'];
const CIVIL = 'yyyy-MM-dd';
const WEEKDAY = /^(mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+/i;
/** `30 September 2027`: what is longer is no date, and costs nine attempts at one. */
const LONGEST = 20;
/** A day typed without its year is at most this far behind. */
const BEHIND_DAYS = 60;

/**
 * Reads a day as it is typed: `9 5`, `9.5.27`, `9 May`, `Sun 9 May 2027`.
 *
 * @param near a day without a year is the first one from somewhat before this
 * @returns undefined while it is no complete day
 */
export function readDate(text: string, near: CivilDate): CivilDate | undefined {
  const words = text
    .trim()
    .replace(WEEKDAY, '')
    .split(/[\s./,-]+/)
    .filter(Boolean)
    .join(' ');
  if (words.length > LONGEST || !/\d/.test(words)) return undefined;
  const start = dateOf(near);
  for (const pattern of WITH_YEAR) {
    const read = parse(words, pattern, start);
    if (isValid(read) && read.getFullYear() >= 1900) return format(read, CIVIL);
  }
  for (const pattern of WITHOUT_YEAR) {
    const read = parse(words, pattern, start);
    if (!isValid(read)) continue;
    const inYear = format(read, CIVIL);
    return inYear >= addDays(near, -BEHIND_DAYS)
      ? inYear
      : `${Number(inYear.slice(0, 4)) + 1}${inYear.slice(4)}`;
  }
  return undefined;
}

/** A civil date as the calendar wants it, at midnight here. */
export function dateOf(date: CivilDate): Date {
  return parse(date, CIVIL, new Date(2000, 0, 1));
}

/** The civil date of what the calendar gives. */
export function civilOf(date: Date): CivilDate {
  return format(date, CIVIL);
}
