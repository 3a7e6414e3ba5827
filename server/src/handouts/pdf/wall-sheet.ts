import { sum } from '@nadir/core/base';
import {
  type Handout,
  type HandoutDay,
  type HandoutWeek,
  papers,
  planRows,
  type RowPlan,
  type WallSheet,
  wallSheets,
  weeksAPage,
} from '@nadir/core/present/handout';
import { drawBlock } from '../drawing/block-drawing.js';
import { hatchOf } from '../drawing/hatch.js';
import { Ink, type SheetCode } from './ink.js';
import { placeDrawing } from './place-drawing.js';
import { titleLine } from './title-line.js';
import { fittingWords, smallOf } from './fitting-words.js';

/** What stands on a sheet beside the plan itself. */
export interface SheetFoot {
  coach: string;
  /** `Version 14, Wed 10 Feb 2027`. */
  version: string;
  /** Days that differ from the version in the athlete’s hand, where there are any. */
  changed?: { days: ReadonlySet<string>; since: string } | undefined;
  /** Of the athlete’s page, where there is one. */
  code?: SheetCode | undefined;
}

const EDGE = 21;
/** Widths of the columns that hold no day, as parts of a letter. */
const PARTS = { spine: 2.6, week: 2.6, from: 5, long: 4, total: 5, run: 5, done: 2.6 } as const;

/** A code for a camera beside the drawing, and the paper it needs about it, points. */
const LARGEST_CODE = 60;
const CODE_GAP = 10;

/** Where the columns of a sheet begin. */
interface Columns {
  spine: number;
  week: number;
  from: number;
  days: { x: number; width: number }[];
  long: number;
  total: number;
  run: number;
  done: number;
  end: number;
}

/** The whole block on one page, or on two: the drawing, every week with its days, room for a pen. */
export async function wallSheet(
  handout: Handout,
  foot: SheetFoot,
  sheet: WallSheet,
): Promise<Uint8Array> {
  const page = papers[wallSheets[sheet].paper];
  const title = `${handout.athlete}: ${handout.race.name}`;
  const ink = new Ink(page, { title, author: foot.coach });
  const rows = weeksAPage(handout.weeks.length, sheet);
  const plan = planRows(rows, wallSheets[sheet].paper);
  const columns = columnsOf(ink, handout, plan.letters, page.width);
  for (let from = 0; from < handout.weeks.length; from += rows) {
    if (from > 0) ink.doc.addPage();
    onePage(ink, handout, columns, { foot, plan, page, from, rows });
  }
  return ink.file();
}

/** The drawing of the whole block, and some of its weeks; the sums stand under the last of them. */
function onePage(
  ink: Ink,
  handout: Handout,
  columns: Columns,
  {
    foot,
    plan,
    page,
    from,
    rows,
  }: {
    foot: SheetFoot;
    plan: RowPlan;
    page: { width: number; height: number };
    from: number;
    rows: number;
  },
): void {
  const { coach, code, changed } = foot;
  titleLine(ink, handout, coach, { edge: EDGE, width: page.width });
  const top = EDGE + 22;
  const side = code ? Math.min(LARGEST_CODE, plan.drawing - 8) : 0;
  if (code) ink.code(code, page.width - EDGE, top + 4, side);
  const width = page.width - 2 * EDGE - (code ? side + CODE_GAP : 0);
  placeDrawing(
    ink,
    drawBlock(handout, { x: EDGE, y: top, width, height: plan.drawing }, Math.min(8, plan.letters)),
    page,
  );
  const head = top + plan.drawing + plan.letters + 3;
  headRow(ink, handout, columns, { y: head, size: plan.letters });
  const first = head + 4;
  const weeks = handout.weeks.slice(from, from + rows);
  weeks.forEach((week, at) => {
    const y = first + at * plan.row;
    weekRow(ink, handout, week, columns, { y, plan });
    for (const { date, column } of week.days) {
      const day = columns.days[column];
      if (day && changed?.days.has(date)) ink.changed(day.x + day.width, y, plan.letters * 0.6);
    }
  });
  spine(ink, handout, columns, { y: first, plan, from, rows: weeks.length });
  if (from + rows >= handout.weeks.length) {
    totals(ink, handout, columns, { y: first + weeks.length * plan.row, size: plan.letters });
  }
  footer(ink, handout, foot, { page, size: Math.min(8, plan.letters + 0.4) });
}

/** Days are as wide as what is written in them asks for. */
function columnsOf(ink: Ink, { weeks }: Handout, size: number, width: number): Columns {
  const part = (of: keyof typeof PARTS) => PARTS[of] * size;
  const spineAt = EDGE;
  const week = spineAt + part('spine');
  const from = week + part('week');
  const start = from + part('from');
  const end = width - EDGE;
  const done = end - part('done');
  const run = done - part('run');
  const total = run - part('total');
  const long = total - part('long');
  let x = start;
  const days = dayWidths(ink, weeks, size, long - start).map((width) => {
    const column = { x, width };
    x += width;
    return column;
  });
  return { spine: spineAt, week, from, days, long, total, run, done, end };
}

/** Every day has room for its role; what is left goes to those with more to say. */
function dayWidths(ink: Ink, weeks: Handout['weeks'], size: number, room: number): number[] {
  const figures = 3.2 * size;
  const columns = Array.from({ length: 7 }, (_, column) => {
    const days = weeks.flatMap((week) => week.days.filter((day) => day.column === column));
    const widest = (textOf: (day: HandoutDay) => string, letters: number) =>
      Math.max(3 * size, ...days.map((day) => ink.width(textOf(day), { size: letters })));
    const need = figures + widest(({ role }) => longestWord(role), smallOf(size));
    const wish =
      figures +
      Math.min(
        16 * size,
        widest(({ words, role }) => words || role, size),
      );
    return { need, more: Math.max(1, wish - need) };
  });
  const left = room - sum(columns.map(({ need }) => need));
  const more = sum(columns.map((each) => each.more));
  return columns.map((each) => each.need + (left * each.more) / more);
}

function longestWord(text: string): string {
  return text.split(' ').reduce((longest, word) => (word.length > longest.length ? word : longest));
}

function headRow(
  ink: Ink,
  { weekdays }: Handout,
  columns: Columns,
  { y, size }: { y: number; size: number },
): void {
  const bold = { size, face: 'bold' } as const;
  ink.words('week', columns.from - 0.6 * size, y, { size, anchor: 'end' });
  ink.words('from', columns.from, y, { size });
  columns.days.forEach(({ x }, at) => ink.words(weekdays[at] ?? '', x + 1.2 * size, y, bold));
  ink.words('long', columns.total - 0.8 * size, y, { size, anchor: 'end' });
  ink.words('total', columns.run - 0.8 * size, y, { ...bold, anchor: 'end' });
  ink.words('run', columns.run + 2 * size, y, { size });
  ink.words('done', columns.end, y, { size, anchor: 'end' });
  ink.line(EDGE, y + 4, columns.end, y + 4, 0.8);
}

function weekRow(
  ink: Ink,
  handout: Handout,
  week: HandoutWeek,
  columns: Columns,
  { y, plan }: { y: number; plan: RowPlan },
): void {
  const { letters: size, row } = plan;
  const base = y + row / 2 + size * 0.35;
  ink.words(String(week.number), columns.from - 0.6 * size, base, {
    size,
    face: 'bold',
    anchor: 'end',
  });
  if (week.recovery) dotted(ink, columns.from - 2 * size, columns.from - 0.5 * size, base + 2);
  ink.words(week.from, columns.from, base, { size });
  for (const { x } of columns.days) ink.line(x, y, x, y + row, 0.25);
  for (const day of week.days) {
    const column = columns.days[day.column];
    if (column) dayCell(ink, handout, day, column, { y, plan });
  }
  ink.line(columns.long, y, columns.long, y + row, 0.25);
  ink.words(week.longRunFigure, columns.total - 0.8 * size, base, { size, anchor: 'end' });
  ink.words(week.figure, columns.run - 0.8 * size, base, { size, face: 'bold', anchor: 'end' });
  dotted(ink, columns.run + size, columns.done - 0.4 * size, base + 1);
  const tick = Math.min(size * 1.3, row - 2);
  ink.box(columns.end - tick, y + (row - tick) / 2, tick, tick, 0.5);
  const isLast = handout.phases.some(
    ({ firstWeek, weeks }) => firstWeek + weeks - 1 === week.number,
  );
  ink.line(
    isLast ? columns.spine : columns.week,
    y + row,
    columns.end,
    y + row,
    isLast ? 0.8 : 0.25,
  );
}

function dayCell(
  ink: Ink,
  handout: Handout,
  day: HandoutDay,
  { x, width }: { x: number; width: number },
  { y, plan: { letters: size, row } }: { y: number; plan: RowPlan },
): void {
  const base = y + row / 2 + size * 0.35;
  mark(ink, day, { x, y, row, size, base });
  const isRace = day.mark === 'race';
  const figure = isRace ? '' : day.figure;
  const style = {
    size,
    face: day.mark === 'plain' || day.mark === 'rest' ? 'sans' : 'bold',
  } as const;
  const text = isRace ? x + 1.4 * size : x + 2.9 * size;
  if (figure !== '') {
    ink.words(figure, x + 2.5 * size, base, { size, face: 'bold', anchor: 'end' });
  }
  const room = x + width - text - 1;
  const beside = isRace ? ` + ${handout.race.distance}` : '';
  const set = fittingWords(ink, day, { room, height: row, style, beside });
  set.lines.forEach((words, at) => {
    const drop = (at - (set.lines.length - 1) / 2) * set.size * 1.05;
    const left = figure === '' && !isRace ? x + 1.2 * size : text;
    ink.words(words, left, base + drop, { ...style, size: set.size });
  });
}

/** A bar for a key day, a diamond for a test or race on the way, a flag for the race. */
function mark(
  ink: Ink,
  { mark: is }: Pick<HandoutDay, 'mark'>,
  { x, y, row, size, base }: { x: number; y: number; row: number; size: number; base: number },
): void {
  if (is === 'key') ink.bar(x + 1.5, y + row * 0.18, 1.8, row * 0.64);
  const middle = base - size * 0.35;
  const half = size * 0.35;
  if (is === 'test') {
    ink.doc
      .lineWidth(0.6)
      .moveTo(x + 1 + half, middle - half)
      .lineTo(x + 1 + 2 * half, middle)
      .lineTo(x + 1 + half, middle + half)
      .lineTo(x + 1, middle)
      .closePath()
      .stroke();
  }
  if (is === 'race') {
    ink.doc
      .moveTo(x + 2, middle - size * 0.6)
      .lineTo(x + 2 + size * 0.8, middle - size * 0.3)
      .lineTo(x + 2, middle)
      .fill('black');
    ink.line(x + 2, middle - size * 0.6, x + 2, middle + size * 0.6, 0.6);
  }
}

/** Phases as a spine beside their weeks, with the hatch they have in the drawing. */
function spine(
  ink: Ink,
  { phases }: Handout,
  { spine: x, week }: Columns,
  {
    y,
    plan: { row, letters },
    from,
    rows,
  }: { y: number; plan: RowPlan; from: number; rows: number },
): void {
  const width = week - x - 2;
  const hatched = width * 0.32;
  for (const { name, kind, firstWeek, weeks } of phases) {
    // What of it stands on this page.
    const begins = Math.max(0, firstWeek - 1 - from);
    const ends = Math.min(rows, firstWeek - 1 + weeks - from);
    if (ends <= begins) continue;
    const top = y + begins * row;
    const height = (ends - begins) * row;
    const hatch = hatchOf(kind, { x, y: top, width: hatched, height });
    if (hatch !== '') ink.doc.lineWidth(0.4).path(hatch).stroke();
    ink.box(x, top, hatched, height, 0.5);
    ink.box(x, top, width, height, 0.5);
    const size = Math.min(
      letters + 0.5,
      ((height - 4) * letters) / ink.width(name, { size: letters, face: 'italic' }),
    );
    if (size < 4.5) continue;
    ink.doc.save().rotate(-90, { origin: [x + hatched, top + height] });
    ink.words(name, x + hatched + height / 2, top + height + (width - hatched) / 2 + size * 0.35, {
      size,
      face: 'italic',
      anchor: 'middle',
    });
    ink.doc.restore();
  }
}

function totals(
  ink: Ink,
  handout: Handout,
  columns: Columns,
  { y, size }: { y: number; size: number },
): void {
  const base = y + size * 1.3;
  ink.line(columns.spine, y, columns.end, y, 0.9);
  ink.words(handout.unit, columns.from, base, { size });
  handout.sums.columns.forEach((sum, at) => {
    const column = columns.days[at];
    if (column) ink.words(sum, column.x + 2.5 * size, base, { size, anchor: 'end' });
  });
  ink.words(handout.sums.total, columns.run - 0.8 * size, base, {
    size,
    face: 'bold',
    anchor: 'end',
  });
  ink.words(`+ ${handout.race.distance}`, columns.run + 0.4 * size, base, { size });
  ink.line(columns.spine, base + size * 0.6, columns.end, base + size * 0.6, 0.6);
}

function footer(
  ink: Ink,
  handout: Handout,
  { version, changed }: SheetFoot,
  { page, size }: { page: { width: number; height: number }; size: number },
): void {
  const end = page.width - EDGE;
  const base = page.height - EDGE + 4;
  const paces = handout.paces.map(({ name, text }) => ({ name, text: text.replace(/ .*/, '') }));
  if (paces.length > 0) {
    ink.words('Paces', EDGE, base - 3.4 * size, { size, face: 'italic' });
    ink.words(`per ${handout.measure.unit}`, EDGE, base - 2 * size, { size });
    const start = EDGE + 4.5 * size;
    const room = (end - start) / paces.length;
    const widest = Math.max(...paces.map(({ text }) => ink.width(text, { size, face: 'bold' })));
    const fitted = Math.min(size, (size * (room - 4)) / widest);
    paces.forEach(({ name, text }, at) => {
      const x = start + at * room;
      const named = Math.min(fitted, (fitted * (room - 4)) / ink.width(name, { size: fitted }));
      ink.words(name, x, base - 3.4 * size, { size: named });
      ink.words(text, x, base - 2 * size, { size: fitted, face: 'bold' });
    });
  }
  ink.bar(EDGE, base - size * 0.8, 1.8, size);
  let x = EDGE + 6;
  x += ink.words('key day', x, base, { size }) + 2 * size;
  dotted(ink, x, x + 2 * size, base + 1);
  x += 2.6 * size;
  x += ink.words('recovery week', x, base, { size }) + 2 * size;
  mark(ink, { mark: 'test' }, { x, y: 0, row: 0, size, base });
  x += 1.4 * size;
  x += ink.words('test or race', x, base, { size }) + 2 * size;
  if (changed) {
    ink.changed(x + size * 0.6, base - size * 0.6, size * 0.6);
    x += size;
    x += ink.words(`changed since ${changed.since}`, x, base, { size }) + 2 * size;
  }
  x += size;
  ink.words(handout.caution, x, base, { size: Math.min(size, 7.4) });
  ink.words(version, end, base, { size, face: 'bold', anchor: 'end' });
}

function dotted(ink: Ink, from: number, to: number, y: number): void {
  ink.doc.save().lineWidth(0.5).dash(0.6, { space: 1.6 });
  ink.doc.moveTo(from, y).lineTo(to, y).stroke();
  ink.doc.restore();
}
