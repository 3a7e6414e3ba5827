import type { Handout } from '@nadir/core/present/handout';
import type { Ink } from './ink.js';
import type { SheetFoot } from './sheet-foot.js';
import { EDGE } from './wall-columns.js';
import { dotted, mark } from './wall-marks.js';

/** The paces, what the marks mean, the caution and the version. */
export function footer(
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
