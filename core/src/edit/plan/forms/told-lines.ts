import { type Weekday, weekdays } from '../../../base/index.js';
import { isPhaseName } from './phase-names.js';
import { isDate, type ReadDate, SUM } from './form.js';

/** A day of the week, or `Day 3`. */
export type ToldDay = Weekday | `Day ${number}`;

/** What a line says. */
export interface ToldLine {
  kind: 'day' | 'title' | 'phase' | 'sum' | 'run' | 'note';
  /** What is run of a day, else the line. */
  text: string;
  /** The days it tells of. */
  days: readonly ToldDay[];
  /** The date of the first of them, as it is written. */
  date: string;
  /** True for one run of two: `Tue PM`. */
  isPart: boolean;
}

/** `- `, `• `, `## `: what lines begin with that are set out. */
const SET_OUT = /^(?:[-–—•·▪◦*]+|#+)\s+/;
const EMPHASIS = /\*\*|__/g;

const DAY =
  '(?:(?:mon|tue|wed|thu|fri|sat|sun)(?:s|r|rs|nes|day|sday|nesday|rsday|urday)?|(?:mo|tu|we|th|fr|sa|su)(?=\\s*[:.])|day ?[1-7])\\b\\.?';
const PART = '\\(?(?<part>a\\.?m\\.?|p\\.?m\\.?|morning|afternoon|evening)\\)?';
/** `Tue: 8 easy`, `Thurs – 6 x 800 m`, `Mon & Fri: rest`, `Tue pm: 6`, and the day alone. */
const OF_DAYS = new RegExp(
  `^(?<days>${DAY}(?:\\s*(?:,|/|&|\\+|and|to|[-–—])\\s*${DAY})*),?(?:\\s*${PART}(?=[\\s:–—-]|$))?(?:\\s*[:–—-]\\s*|\\s+|$)(?<text>.*)$`,
  'i',
);
/** `PM: 6 easy` below its day. */
const OF_A_PART = new RegExp(`^${PART}\\s*[:–—-]\\s*(?<text>\\S.*)$`, 'i');
/** `2 Feb: 8 easy`: the date of a day, before what is run. */
const DATED = /^(?<date>[^:]{3,16}?)(?:\s*(?::|\s[–—-])\s*(?<text>.*))?$/;

/** `Week 3`, `WEEK THREE: 48 km`, `w/c 15 March`, `3 weeks to go` */
const TITLE =
  /^(?:(?:week|wk)\.?\s*(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|of|commencing|beginning|starting)|w\/?c|\d+ weeks? (?:to go|out))\b/i;
/** How a part of a session begins that has a line of its own. */
const RUN = /^(?:\d|[+&]|then\b|wu\b|warm|cd\b|cool|strides\b|drills\b|easy\b|steady\b|jog)/i;
/** Words of a phase’s name, or of a run without a figure; a longer line is advice. */
const MOST_WORDS = 4;

/** What a line of a plan says that is told line by line. */
export function lineOf(said: string, readDate: ReadDate): ToldLine {
  const text = said.replace(EMPHASIS, '').replace(SET_OUT, '').trim();
  const line = { text, days: [], date: '', isPart: false };
  const ofDays = OF_DAYS.exec(text)?.groups;
  if (ofDays) return { ...line, ...dated(ofDays.text ?? '', readDate), ...daysOf(ofDays) };
  const part = OF_A_PART.exec(text)?.groups?.text;
  if (part !== undefined) return { ...line, kind: 'run', text: part, isPart: true };
  if (TITLE.test(text) || isDate(text, readDate)) return { ...line, kind: 'title' };
  const hasFigure = /\d/.test(text);
  const isShort = text.split(/\s+/).length <= MOST_WORDS;
  if (isPhaseName(text) && isShort) return { ...line, kind: 'phase' };
  if (SUM.test(text) && hasFigure) return { ...line, kind: 'sum' };
  const isRun = RUN.test(text) && (hasFigure || (isShort && !text.endsWith('.')));
  return { ...line, kind: isRun ? 'run' : 'note' };
}

function daysOf({ days = '', part }: Readonly<Record<string, string>>) {
  return { kind: 'day' as const, days: daysIn(days), isPart: part !== undefined };
}

function dated(text: string, readDate: ReadDate): { text: string; date: string } {
  const { date = '', text: behind = '' } = DATED.exec(text)?.groups ?? {};
  return isDate(date, readDate) ? { date: date.trim(), text: behind } : { date: '', text };
}

/** `Mon & Fri`, `Tue–Thu`: the days that are named, and those between. */
function daysIn(said: string): ToldDay[] {
  const names = said.match(/day ?[1-7]|[a-z]{2,}/gi) ?? [];
  const days = names.map(dayOf).filter((day) => day !== undefined);
  const [first, last] = days.map((day) => weekdays.findIndex((each) => each === day));
  const isRange = days.length === 2 && /[a-z]\.?\s*(?:[-–—]|to\s)/i.test(said);
  if (!isRange || first === undefined || last === undefined || first > last) return days;
  return weekdays.slice(first, last + 1);
}

function dayOf(name: string): ToldDay | undefined {
  const [, number] = /^day ?([1-7])$/i.exec(name) ?? [];
  if (number !== undefined) return `Day ${Number(number)}`;
  return weekdays.find((day) => day.startsWith(name.toLowerCase().slice(0, 3)));
}
