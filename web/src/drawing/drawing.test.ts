import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { describe, expect, it } from 'vitest';
import { columnX } from './columns.js';
import { dayIndex, dayX, dayXs, weekNearest, weekOf, weeksDone } from './days.js';
import { drawLegs } from './legs-curve.js';
import { drawSkyline, heaviest, outlineOf, scaleEnd, stepOutline, volumeScale } from './skyline.js';

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
    expect(weekOf(block.weeks, block.spec.start)).toBe(1);
    expect(weekOf(block.weeks, '2027-05-03')).toBeUndefined();
    expect(weekNearest(block.weeks, '2027-05-03')).toBe(12);
    expect(weekNearest(block.weeks, '2026-01-01')).toBe(1);
    const done = (date: string) => weeksDone(block.weeks, date);
    expect([done('2026-01-01'), done('2027-05-02'), done('2027-05-03')]).toEqual([0, 11, 12]);
    expect(dayIndex(block.weeks, '2026-01-01')).toBeUndefined();
  });
});

describe('the skyline', () => {
  const scale = volumeScale(scaleEnd(heaviest(shown)), { top: 20, ground: 300 });
  const skyline = drawSkyline(shown, columns, scale);

  it('steps once a week over the whole grid, from the top of the week before', () => {
    expect(skyline.map(({ x }) => x)).toEqual(shown.weeks.map((_, week) => 60 + 70 * week));
    expect(skyline.map(({ from }) => from)).toEqual([
      skyline[0]?.top,
      ...skyline.slice(0, -1).map(({ top }) => top),
    ]);
    expect(outlineOf({ x: 60, width: 70, from: 200, top: 180, longTop: 250 })).toBe(
      'M60,200V180h70',
    );
  });

  it('as one outline goes through the same corners', () => {
    expect(
      stepOutline(
        [10, 12],
        (index) => 60 + 70 * index,
        (steps) => 300 - 10 * steps,
      ),
    ).toBe('M60,200L130,200L130,180L200,180L200,180');
    expect(
      stepOutline(
        [],
        () => 0,
        () => 0,
      ),
    ).toBe('');
  });

  it('draws more for more', () => {
    const most = shown.weeks.findIndex(({ volume }) => volume === heaviest(shown));
    expect(skyline[most]?.top).toBe(Math.min(...skyline.map(({ top }) => top)));
    expect(skyline[most]?.top).toBeGreaterThanOrEqual(20);
    for (const { top, longTop } of skyline) expect(longTop).toBeGreaterThanOrEqual(top);
  });
});

describe('the legs', () => {
  it('mark the lowest point inside the drawing, at its own week', () => {
    const legs = drawLegs(block, columns, { top: 320, bottom: 400 });
    expect(legs.nadir.y).toBeLessThanOrEqual(400);
    expect(legs.ticks[0]?.times).toBe(1);
    expect(legs.nadir.y).toBeGreaterThan(legs.ticks[0]?.y ?? 400);
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
