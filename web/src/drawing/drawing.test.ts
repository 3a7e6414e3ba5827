import { layOut, showBlock } from '@nadir/core';
import { describe, expect, it } from 'vitest';
import { columnX } from './columns.js';
import { dayIndex, dayX, dayXs, weekOf } from './days.js';
import { drawLegs } from './legs-curve.js';
import { drawSkyline, heaviest, scaleEnd, volumeScale } from './skyline.js';

const block = layOut({
  race: { name: 'Tidewrack Half', date: '2027-05-02', distance: 21_097.5 },
  weeks: 12,
});
const shown = showBlock(block, { basis: 'distance', unit: 'km', step: 1 });
const columns = { width: 900, labels: 60, weeks: 12 };

describe('the column grid', () => {
  it('shares the width after the labels evenly', () => {
    expect(columnX(columns, 0)).toBe(60);
    expect(columnX(columns, 1)).toBe(130);
    expect(columnX(columns, 12)).toBe(900);
  });

  it('places days within their week, a short first week’s too', () => {
    const weeks = [{ length: 2 }, { length: 7 }];
    expect(dayX(weeks, columns, 1)).toBe(60 + 35);
    expect(dayX(weeks, columns, 2)).toBe(130);
    expect(dayX(weeks, columns, 9)).toBe(200);
    expect(dayXs(weeks, columns)).toEqual(
      Array.from({ length: 9 }, (_, index) => dayX(weeks, columns, index)),
    );
  });

  it('finds the week of a date, and none outside the block', () => {
    expect(weekOf(block.weeks, '2027-05-02')).toBe(12);
    expect(weekOf(block.weeks, block.wishes.start)).toBe(1);
    expect(weekOf(block.weeks, '2027-05-03')).toBeUndefined();
    expect(dayIndex(block.weeks, '2026-01-01')).toBeUndefined();
  });
});

describe('the skyline', () => {
  const skyline = drawSkyline(
    shown,
    columns,
    volumeScale(scaleEnd(heaviest(shown)), { top: 20, ground: 300 }),
    4,
  );

  it('steps once a week over the whole grid, and stands on the ground', () => {
    expect(skyline.outline.match(/[ML]/g)?.length).toBeGreaterThanOrEqual(12);
    expect(skyline.outline.startsWith('M60,')).toBe(true);
    expect(skyline.done).toContain('L340,300');
    expect(skyline.weeks).toHaveLength(12);
  });

  it('draws more for more', () => {
    const most = shown.weeks.findIndex(({ volume }) => volume === heaviest(shown));
    expect(skyline.weeks[most]?.top).toBe(Math.min(...skyline.weeks.map(({ top }) => top)));
    expect(skyline.weeks[most]?.top).toBeGreaterThanOrEqual(20);
    for (const { top, longTop } of skyline.weeks) expect(longTop).toBeGreaterThanOrEqual(top);
  });
});

describe('the legs', () => {
  it('mark the lowest point inside the drawing, at its own week', () => {
    const legs = drawLegs(block, columns, { top: 320, bottom: 400 });
    expect(legs.nadir.y).toBeLessThanOrEqual(400);
    expect(legs.nadir.y).toBeGreaterThan(legs.zero);
    expect(legs.nadir.x).toBeGreaterThanOrEqual(columnX(columns, legs.nadir.week - 1));
    expect(legs.nadir.x).toBeLessThanOrEqual(columnX(columns, legs.nadir.week));
  });

  it('go through the nadir however few points have room', () => {
    const points = (width: number) => {
      const { curve, nadir } = drawLegs(block, { ...columns, width }, { top: 320, bottom: 400 });
      const all = curve.slice(1).split('L');
      const tenth = (pixels: number) => Math.round(pixels * 10) / 10;
      expect(all).toContain(`${tenth(nadir.x)},${tenth(nadir.y)}`);
      return all.length;
    };
    // Twelve weeks to a race on a Sunday: 84 mornings, or one of every eight pixels.
    expect(points(2000)).toBe(84);
    expect(points(60 + 84 * 2)).toBeLessThanOrEqual(84 / 4 + 2);
  });
});
