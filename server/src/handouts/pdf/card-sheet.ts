import { type Card, papers } from '@nadir/core/present/handout';
import { Ink } from './ink.js';
import type { SheetFoot } from './sheet-foot.js';

/** A6, upright: a pocket; A4 on its side for a whole group. */
const PAGES = { a6: { width: 297.64, height: 419.53 }, a4: papers.a4 } as const;
const EDGE = 18;
/** Letters that are tried, the largest first, points. */
const SIZES = [10, 9.5, 9, 8.5, 8, 7.5, 7, 6.6] as const;
const LEADING = 1.28;
/** A code for a camera at the foot, points. */
const CODE = 48;

/** A card on one page, of pocket size where no other is asked for; longer ones go on overleaf, none is set too small to read. */
export async function cardSheet(
  card: Card,
  { coach, version, code }: SheetFoot,
  paper: keyof typeof PAGES = 'a6',
): Promise<Uint8Array> {
  const page = PAGES[paper];
  const ink = new Ink(page, { title: card.title, author: coach });
  const hasCode = code !== undefined;
  const room = page.height - 2 * EDGE;
  const size = SIZES.find((each) => heightOf(ink, card, each, hasCode) <= room) ?? 6.6;
  const lowest = page.height - EDGE - (hasCode ? CODE : 0);
  const line = size * LEADING;
  let y = EDGE + 12;
  ink.words(
    card.title,
    EDGE,
    y,
    ink.fitting(card.title, { face: 'display', size: 13 }, widthOf(ink)),
  );
  ink.line(EDGE, y + 5, page.width - EDGE, y + 5, 1);
  y += 7 + line;
  for (const words of linesOf(ink, card, size)) {
    ink.words(words, EDGE, y, { size });
    y += line;
  }
  const columns = columnsOf(ink, card, size);
  const heads = card.rows.length > 0 ? [card.head] : [];
  for (const [at, row] of [...heads, ...card.rows].entries()) {
    if (y > lowest - 3 * size) {
      ink.doc.addPage();
      y = EDGE + line;
    }
    row.forEach((cell, column) => {
      const { x, isFigure } = columns[column] ?? { x: EDGE, isFigure: false };
      const face = at === 0 ? 'sans' : isFigure ? 'bold' : 'sans';
      ink.words(cell, x, y, { size, face, anchor: isFigure ? 'end' : 'start' });
    });
    ink.line(EDGE, y + size * 0.35, page.width - EDGE, y + size * 0.35, at === 0 ? 0.8 : 0.25);
    y += line;
  }
  if (code) ink.code(code, page.width - EDGE, page.height - EDGE - CODE + 4, CODE);
  const foot = footOf(ink, card, hasCode);
  foot.forEach((words, at) => {
    const up = (foot.length - at) * 6.6 * LEADING;
    ink.words(words, EDGE, page.height - EDGE - up + 2, { size: 6.6 });
  });
  ink.words(version, EDGE, page.height - EDGE + 4, { size: 6.6, face: 'bold' });
  return ink.file();
}

/** Between the edges. */
function widthOf({ page }: Ink): number {
  return page.width - 2 * EDGE;
}

function linesOf(ink: Ink, { lines }: Card, size: number): string[] {
  return lines.flatMap((line) => ink.wrapped(line, widthOf(ink), { size }));
}

function footOf(ink: Ink, card: Card, hasCode: boolean): string[] {
  return ink.wrapped(card.foot, widthOf(ink) - (hasCode ? CODE + 10 : 0), { size: 6.6 });
}

function heightOf(ink: Ink, card: Card, size: number, hasCode: boolean): number {
  const words = (footOf(ink, card, hasCode).length + 1) * 6.6 * LEADING;
  const foot = hasCode ? Math.max(words, CODE + 6) : words;
  const lines = linesOf(ink, card, size).length + card.rows.length + 2;
  const wide = columnsOf(ink, card, size).at(-1)?.need ?? 0;
  return wide > widthOf(ink) ? Infinity : 20 + lines * size * LEADING + foot;
}

/** Words stand at the left, figures on their right edge, columns as far apart as there is room. */
function columnsOf(ink: Ink, { head, rows }: Card, size: number) {
  const widths = head.map((_, column) =>
    Math.max(...[head, ...rows].map((row) => ink.width(row[column] ?? '', { size, face: 'bold' }))),
  );
  const need = widths.reduce((all, width) => all + width, 0) + 6 * (widths.length - 1);
  // What is counted stands close to what it counts.
  const isCounted = rows.every((row, at) => row[0] === String(at + 1));
  const spread = Math.max(1, widths.length - (isCounted ? 2 : 1));
  const gapAfter = (column: number) =>
    isCounted && column === 0 ? 6 : 6 + Math.max(0, widthOf(ink) - need) / spread;
  let left = EDGE;
  return widths.map((width, column) => {
    const isFigure = rows.some((row) => /^[\d:.–]+$/.test(row[column] ?? '')) && column > 0;
    const x = isFigure ? left + width : left;
    left += width + gapAfter(column);
    return { x, isFigure, need };
  });
}
