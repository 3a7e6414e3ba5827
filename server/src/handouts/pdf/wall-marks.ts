import type { HandoutDay } from '@nadir/core/present/handout';
import type { Ink } from './ink.js';

/** A bar for a key day, a diamond for a test or race on the way, a flag for the race. */
export function mark(
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

/** A row of dots: for a pen to write on, and below the number of a recovery week. */
export function dotted(ink: Ink, from: number, to: number, y: number): void {
  ink.doc.save().lineWidth(0.5).dash(0.6, { space: 1.6 });
  ink.doc.moveTo(from, y).lineTo(to, y).stroke();
  ink.doc.restore();
}
