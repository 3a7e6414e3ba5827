import type { Handout, RowPlan } from '@nadir/core/present/handout';
import { hatchOf } from '../drawing/hatch.js';
import type { Ink } from './ink.js';
import type { Columns } from './wall-columns.js';

/** Phases as a spine beside their weeks, with the hatch they have in the drawing. */
export function spine(
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
