import { dateWords, dayWords } from '@nadir/core/base/format';
import {
  type Handout,
  type HandoutDay,
  type HandoutWeek,
  papers,
} from '@nadir/core/present/handout';
import { Ink } from './ink.js';
import type { SheetFoot } from './sheet-foot.js';

const PAGE = { width: papers.a4.height, height: papers.a4.width };
const EDGE = 40;
/** Where the words of a day begin, and the line to write on. */
const WORDS = EDGE + 118;
const PEN = PAGE.width - EDGE - 92;
/** A code for a camera in the corner, and the paper about it, points. */
const CODE = 54;
const CODE_GAP = 14;
/** Letters that are tried, the largest first, points: the page is one for certain. */
const SIZES = [11, 10, 9, 8, 7, 6.6] as const;

/** One week on one page: each day with its sessions in full, the paces, and room for a pen. */
export async function weekSheet(
  handout: Handout,
  week: HandoutWeek,
  { coach, version, code, changed }: SheetFoot,
): Promise<Uint8Array> {
  const ink = new Ink(PAGE, { title: `${handout.athlete}: week ${week.number}`, author: coach });
  if (code) ink.code(code, PAGE.width - EDGE, EDGE - 4, CODE);
  const inner = PAGE.width - 2 * EDGE - (code ? CODE + CODE_GAP : 0);
  const top = titleBlock(ink, handout, week, { coach, inner });
  const foot = PAGE.height - EDGE - 96;
  const fits = SIZES.find((size) => heightOf(ink, week, size) <= foot - top) ?? 6.6;
  const spare = Math.max(0, foot - top - heightOf(ink, week, fits)) / week.days.length;
  let y = top;
  for (const day of week.days) {
    const height = heightOfDay(ink, day, fits) + Math.min(40, spare);
    dayRow(ink, handout, day, { y, height, size: fits });
    if (changed?.days.has(day.date)) {
      ink.words(`changed since ${changed.since}`, PAGE.width - EDGE - 20, y + fits + 4, {
        size: Math.min(fits, 8),
        face: 'italic',
        anchor: 'end',
      });
    }
    y += height;
  }
  ink.line(EDGE, y, PAGE.width - EDGE, y, 0.9);
  const long = week.longRun > 0 ? `, long run ${week.longRunFigure} ${handout.unit}` : '';
  ink.words(`Week: ${week.figure} ${handout.unit}${long}`, EDGE, y + fits + 6, {
    size: fits,
    face: 'bold',
  });
  footer(ink, handout, version);
  return ink.file();
}

function titleBlock(
  ink: Ink,
  handout: Handout,
  week: HandoutWeek,
  { coach, inner }: { coach: string; inner: number },
): number {
  const last = week.days.at(-1)?.date ?? week.start;
  const name = ink.fitting(handout.athlete, { face: 'display', size: 20 }, 0.68 * inner);
  const signed = ink.fitting(coach, { size: 10, anchor: 'end' }, 0.28 * inner);
  ink.words(handout.athlete, EDGE, EDGE + 14, name);
  ink.words(coach, EDGE + inner, EDGE + 14, signed);
  const said = `Week ${week.number} of ${handout.weeks.length}, ${dayWords(week.start)} to ${dateWords(last)} · ${week.phase}${week.recovery ? ', recovery' : ''}`;
  ink.words(said, EDGE, EDGE + 32, ink.fitting(said, { size: 11 }, inner));
  const toGo = week.toGo === 0 ? 'race week' : `${week.toGo} to go`;
  const race = `${handout.race.name}, ${handout.race.words}: ${toGo}`;
  ink.words(race, EDGE, EDGE + 47, ink.fitting(race, { size: 10 }, inner));
  ink.line(EDGE, EDGE + 56, PAGE.width - EDGE, EDGE + 56, 1.2);
  return EDGE + 57;
}

/** Sessions in full, then what their hard stretches are to be run in. */
function linesOf(ink: Ink, { sessions, targets }: HandoutDay, size: number): string[] {
  return [...sessions, ...targets.map((target) => `→ ${target}`)].flatMap((line) =>
    ink.wrapped(line, PEN - WORDS - 8, { size }),
  );
}

function heightOfDay(ink: Ink, day: HandoutDay, size: number): number {
  return (linesOf(ink, day, size).length + 1) * size * 1.3 + 8;
}

function heightOf(ink: Ink, { days }: HandoutWeek, size: number): number {
  return days.reduce((height, day) => height + heightOfDay(ink, day, size), 0);
}

function dayRow(
  ink: Ink,
  { unit, race }: Handout,
  day: HandoutDay,
  { y, height, size }: { y: number; height: number; size: number },
): void {
  const base = y + size + 4;
  ink.line(EDGE, y, PAGE.width - EDGE, y, 0.4);
  const isHard = day.mark === 'key' || day.mark === 'test' || day.mark === 'race';
  if (isHard) ink.bar(EDGE, y + 4, 2.2, height - 8);
  ink.words(dayWords(day.date), EDGE + 7, base, { size, face: 'bold' });
  const amount = day.mark === 'race' ? race.distance : day.figure && `${day.figure} ${unit}`;
  if (amount) ink.words(amount, WORDS - 8, base, { size, face: 'bold', anchor: 'end' });
  ink.words(day.role.toLowerCase(), WORDS, base, { size, face: 'bold' });
  linesOf(ink, day, size).forEach((line, at) => {
    ink.words(line, WORDS, base + (at + 1) * size * 1.3, { size });
  });
  ink.doc.save().lineWidth(0.5).dash(0.6, { space: 1.6 });
  ink.doc
    .moveTo(PEN, y + height - 7)
    .lineTo(PAGE.width - EDGE - 20, y + height - 7)
    .stroke();
  ink.doc.restore();
  ink.box(PAGE.width - EDGE - 12, y + 6, 11, 11);
}

function footer(ink: Ink, { paces, caution, measure }: Handout, version: string): void {
  const top = PAGE.height - EDGE - 62;
  if (paces.length > 0) {
    const said = paces.map(({ name, text }) => `${name} ${text.replace(/ .*/, '')}`).join(' · ');
    const lines = ink.wrapped(`Paces per ${measure.unit}: ${said}`, PAGE.width - 2 * EDGE, {
      size: 8.5,
    });
    lines.forEach((line, at) => ink.words(line, EDGE, top + at * 11, { size: 8.5 }));
  }
  ink.words(caution, EDGE, PAGE.height - EDGE - 12, { size: 8 });
  ink.words(version, EDGE, PAGE.height - EDGE, { size: 8, face: 'bold' });
}
