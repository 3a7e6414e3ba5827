import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { handoutOf } from '@nadir/core/present/handout';
import type { BlockSpec } from '@nadir/core/spec';
import { describe, expect, it } from 'vitest';
import { drawBlock } from './block-drawing.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
/** Sixteen weeks from Monday 11 January; letters of eight points are four wide. */
const spec: BlockSpec = {
  athlete: { name: 'Idris Vale', recentWeeks: [52_000, 50_000, 54_000, 55_000] },
  race: { name: 'Tidewrack Half', date: '2027-05-02', distance: 21_097.5 },
  weeks: 16,
};
const test = (from: string, name: string) =>
  ({ kind: 'test', from, name, distance: 5000 }) as const;

/** The names of its events on a drawing of 800 by so many points: their words, left and right ends, and rows. */
function namesOf(events: NonNullable<BlockSpec['events']>, height: number) {
  const block = layOut({ ...spec, events });
  const handout = handoutOf(block, showBlock(block, measure), '2027-01-01');
  const drawn = drawBlock(handout, { x: 0, y: 0, width: 800, height }, 8);
  const known = new Set(events.map(({ name }) => name.slice(0, 4)));
  return [...drawn.matchAll(/<text x="([\d.]+)" y="([\d.]+)"[^>]*>([^<]*)</g)].flatMap(
    ([, x, y, said = '']) =>
      known.has(said.slice(0, 4))
        ? [{ said, left: Number(x), right: Number(x) + said.length * 4, row: Number(y) }]
        : [],
  );
}

describe('the names of events on a drawing', () => {
  it('stand whole where there is room for them', () => {
    const events = [test('2027-02-13', 'Time trial'), test('2027-04-03', 'Gullstone 5')];
    expect(namesOf(events, 100).map(({ said }) => said)).toEqual(['Time trial', 'Gullstone 5']);
  });

  it('are cut before the next in the only row, and stand whole in two', () => {
    const long = 'Time trial on the old cinder track behind the school';
    const events = [test('2027-02-13', long), test('2027-03-13', 'Gullstone 5')];
    const [first, second] = namesOf(events, 100);
    // Four weeks of 742 / 16 points are 185.5, less six to the letters, three of the mark and six
    // between: 170.5 points are 42 letters, the last of them dots.
    expect(first?.said).toBe('Time trial on the old cinder track behind…');
    expect(second).toMatchObject({ said: 'Gullstone 5', row: first?.row });
    expect(second && first && second.left - first.right).toBeGreaterThanOrEqual(9);
    const rows = namesOf(events, 200);
    expect(rows.map(({ said }) => said)).toEqual([long, 'Gullstone 5']);
    expect(new Set(rows.map(({ row }) => row)).size).toBe(2);
  });

  it('end before the flag', () => {
    const events = [test('2027-04-24', 'Time trial on the old cinder track behind the school')];
    const [last] = namesOf(events, 100);
    expect(last?.said).toMatch(/^Time.*…$/);
    expect(last?.right).toBeLessThanOrEqual(800 - 16);
  });
});
