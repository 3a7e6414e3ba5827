import { type CivilDate, addDays } from '@nadir/core/base';
import { format, isValid, parse } from 'date-fns';

/** Ways in which a coach writes a day, the fullest first; a year that is left out is the nearest. */
const WITH_YEAR = [
  ...['d M yyyy', 'd M yy', 'd MMM yyyy', 'd MMM yy', 'd MMMM yyyy', 'yyyy M d'],
  ...['MMM d yyyy', 'MMMM d yyyy'],
];
const WITHOUT_YEAR = ['d M', 'd MMM', 'd MMMM', 'MMM d', 'MMMM d'];
const CIVIL = 'yyyy-MM-dd';
const WEEKDAY = /^(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*[\s,.]+/i;
/** `1st`, `the 9th of May`, `Sept`: what is said, and read without. */
const ORDINAL = /(?<=\b\d{1,2})(?:st|nd|rd|th)\b(?:\s+of\b)?/gi;
const SEPT = /\bsept\b/i;
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
    .replace(/^the\s+/i, '')
    .replace(ORDINAL, '')
    .replace(SEPT, 'Sep')
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

/** `1–7 Mar`, `29 Mar to 4 Apr`, `1/3 – 7/3`. */
const DAYS =
  /^(\d{1,2})(?:[ ./]*([a-z]{3,9}|(?<=[ ./])\d{1,2})\.?)?\s*(?:[-–—]|to\b)\s*\d{1,2}[ ./]*([a-z]{3,9}|(?<=[ ./])\d{1,2})\.?(?:[ ./]+(\d{4}))?$/i;

/** `w/c 1 March`, `Week of 1 March` */
const WEEK_OF = /^(?:w\/?c|week (?:of|commencing|beginning|starting))[\s:]+/i;

/** `8-10`: in a plan it is run. */
const KILOMETRES = /^\d{1,2}\s*[-–]\s*\d{1,2}$/;

/** The same in a plan, where a week may be written as its first day to its last. */
export function readFirstDate(text: string, near: CivilDate): CivilDate | undefined {
  if (KILOMETRES.test(text.trim())) return undefined;
  const said = text.trim().replace(WEEK_OF, '');
  const plain = said.replace(WEEKDAY, '').replace(ORDINAL, '');
  const [, day, own, month, year = ''] = DAYS.exec(plain) ?? [];
  if (day === undefined || month === undefined) return readDate(said, near);
  return readDate(`${day} ${own ?? month} ${year}`, near);
}

/** A civil date as the calendar wants it, at midnight here. */
export function dateOf(date: CivilDate): Date {
  return parse(date, CIVIL, new Date(2000, 0, 1));
}

/** The civil date of what the calendar gives. */
export function civilOf(date: Date): CivilDate {
  return format(date, CIVIL);
}
