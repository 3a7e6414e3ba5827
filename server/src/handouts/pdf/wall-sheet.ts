import {
  type Handout,
  papers,
  planRows,
  type RowPlan,
  type WallSheet,
  wallSheets,
  weeksAPage,
} from '@nadir/core/present/handout';
import { drawBlock } from '../drawing/block-drawing.js';
import { Ink } from './ink.js';
import { placeDrawing } from './place-drawing.js';
import type { SheetFoot } from './sheet-foot.js';
import { titleLine } from './title-line.js';
import { type Columns, columnsOf, EDGE } from './wall-columns.js';
import { footer } from './wall-foot.js';
import { spine } from './wall-spine.js';
import { weekRow } from './wall-week.js';

/** A code for a camera beside the drawing, and the paper it needs about it, points. */
const LARGEST_CODE = 60;
const CODE_GAP = 10;

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
