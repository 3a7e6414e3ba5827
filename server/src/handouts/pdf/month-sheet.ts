import { dayAndMonth } from '@nadir/core/base/format';
import {
  type Handout,
  type HandoutDay,
  type HandoutWeek,
  papers,
  SMALLEST_LETTERS,
} from '@nadir/core/present/handout';
import { Ink } from './ink.js';
import { titleLine } from './title-line.js';
import type { SheetFoot } from './sheet-foot.js';

const PAGE = papers.a4;
const EDGE = 28;
/** Weeks of a month, whichever day it begins on. */
const WEEKS = 5;
/** The week's number and dates, and its sum. */
const SIDE = { week: 58, total: 52 } as const;
const TOP = EDGE + 48;
const FOOT = PAGE.height - EDGE - 18;
/** A code for a camera in the corner, points. */
const CODE = 44;
/** The mark of a day that changed, points. */
const CORNER = 6;
const SIZES = [9, 8.5, 8, 7.5, 7, SMALLEST_LETTERS] as const;
const LEADING = 1.22;

/** Five weeks on one page, with every session in full: a month to hang up. */
export async function monthSheet(
  handout: Handout,
  first: HandoutWeek,
  foot: SheetFoot,
): Promise<Uint8Array> {
  const { coach, version, code } = foot;
  const weeks = handout.weeks.filter(
    ({ number }) => number >= first.number && number < first.number + WEEKS,
  );
  const ink = new Ink(PAGE, {
    title: `${handout.athlete}: weeks ${first.number} to ${weeks.at(-1)?.number ?? first.number}`,
    author: coach,
  });
  if (code) ink.code(code, PAGE.width - EDGE, EDGE - 10, CODE);
  titleLine(ink, handout, coach, { edge: EDGE, width: PAGE.width - (code ? CODE + 10 : 0) });
  head(ink, handout);
  const width = (PAGE.width - 2 * EDGE - SIDE.week - SIDE.total) / 7;
  const height = (FOOT - TOP) / Math.max(1, weeks.length);
  const size = SIZES.find((each) => isEnough(ink, weeks, { width, height, size: each }));
  weeks.forEach((week, at) => {
    const place = { y: TOP + at * height, width, height, size: size ?? SMALLEST_LETTERS };
    row(ink, handout, week, place);
    mark(ink, week, place, foot);
  });
  if (foot.changed) markedSince(ink, foot.changed.since);
  ink.line(EDGE, FOOT, PAGE.width - EDGE, FOOT, 0.9);
  ink.words(handout.caution, EDGE, PAGE.height - EDGE, { size: 7.4 });
  ink.words(version, PAGE.width - EDGE, PAGE.height - EDGE, {
    size: 7.4,
    face: 'bold',
    anchor: 'end',
  });
  return ink.file();
}

function head(ink: Ink, { weekdays, unit }: Handout): void {
  const width = (PAGE.width - 2 * EDGE - SIDE.week - SIDE.total) / 7;
  weekdays.forEach((day, at) => {
    ink.words(day, EDGE + SIDE.week + at * width + 5, TOP - 5, { size: 9, face: 'bold' });
  });
  ink.words(unit, PAGE.width - EDGE, TOP - 5, { size: 9, anchor: 'end' });
}

function linesOf(ink: Ink, day: HandoutDay, width: number, size: number): string[] {
  const said = day.sessions.length > 0 ? day.sessions : [day.role.toLowerCase()];
  return said.flatMap((session) => ink.wrapped(session, width - 10, { size }));
}

/** Whether every day has room for all of its sessions. */
function isEnough(
  ink: Ink,
  weeks: readonly HandoutWeek[],
  { width, height, size }: { width: number; height: number; size: number },
): boolean {
  const days = weeks.flatMap((week) => week.days);
  return days.every((day) => {
    const lines = linesOf(ink, day, width, size);
    const isNarrow = lines.every((line) => ink.width(line, { size }) <= width - 10);
    return isNarrow && (lines.length + 1) * size * LEADING + 10 <= height;
  });
}

/** Where a week stands, points, and the size of its letters. */
interface Place {
  y: number;
  width: number;
  height: number;
  size: number;
}

/** A corner on each day that is other than on the sheet before. */
function mark(ink: Ink, week: HandoutWeek, { y, width }: Place, { changed }: SheetFoot): void {
  for (const day of week.days.filter(({ date }) => changed?.days.has(date))) {
    ink.changed(EDGE + SIDE.week + (day.column + 1) * width, y, CORNER);
  }
}

function markedSince(ink: Ink, since: string): void {
  const x = EDGE + SIDE.week + 5;
  ink.changed(x + CORNER, TOP - 24, CORNER);
  ink.words(`changed since ${since}`, x + CORNER + 4, TOP - 18, { size: 8 });
}

function row(
  ink: Ink,
  handout: Handout,
  week: HandoutWeek,
  { y, width, height, size }: Place,
): void {
  const base = y + 13;
  ink.line(EDGE, y, PAGE.width - EDGE, y, 0.8);
  ink.words(`Week ${week.number}`, EDGE, base, { size: 9, face: 'bold' });
  const notes = [week.phase, week.recovery ? 'recovery' : ''].filter(Boolean);
  notes
    .flatMap((note) => ink.wrapped(note, SIDE.week - 6, { size: 8, face: 'italic' }))
    .forEach((note, at) => {
      ink.words(note, EDGE, base + 12 + at * 10, { size: 8, face: 'italic' });
    });
  for (const day of week.days) {
    const x = EDGE + SIDE.week + day.column * width;
    ink.line(x, y, x, y + height, 0.25);
    const isHard = day.mark !== 'plain' && day.mark !== 'rest';
    if (isHard) ink.bar(x, y + 4, 2, height - 8);
    ink.words(dayAndMonth(day.date), x + 5, base, { size: 8 });
    const amount = day.mark === 'race' ? handout.race.distance : day.figure;
    if (amount) {
      ink.words(amount, x + width - 5, base, { size: size + 1, face: 'bold', anchor: 'end' });
    }
    linesOf(ink, day, width, size).forEach((line, at) => {
      ink.words(line, x + 5, base + (at + 1) * size * LEADING + 1, { size });
    });
  }
  const edge = PAGE.width - EDGE - SIDE.total;
  ink.line(edge, y, edge, y + height, 0.25);
  ink.words(week.figure, PAGE.width - EDGE, base, { size: 11, face: 'bold', anchor: 'end' });
}
