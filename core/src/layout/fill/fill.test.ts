import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sum } from '../../base/index.js';
import { type Shape, fill } from './fill.js';

const within = (floor: number, ceiling: number) => (weight: number) => ({ weight, floor, ceiling });
const STEP = 1000;

describe('filling a week', () => {
  it('gives nothing for nothing', () => {
    expect(fill(0, [1, 1].map(within(0, 9000)), STEP)).toEqual([0, 0]);
    expect(fill(5000, [], STEP)).toEqual([]);
  });

  it('hand-worked: 40 km by 1, 1.1 and 0.7 are 14.3, 15.7 and 10', () => {
    const runs = [1, 1.1, 0.7].map(within(4000, 20_000));
    expect(fill(40_000, runs, STEP)).toEqual([14_000, 16_000, 10_000]);
  });

  it('holds runs at their floors and ceilings, the others sharing the rest', () => {
    expect(fill(10_000, [1, 0.1].map(within(3000, 9000)), STEP)).toEqual([7000, 3000]);
    expect(fill(20_000, [3, 1].map(within(3000, 12_000)), STEP)).toEqual([12_000, 8000]);
  });

  it('leaves over what no ceiling holds', () => {
    expect(fill(30_000, [3, 1].map(within(3000, 12_000)), STEP)).toEqual([12_000, 12_000]);
  });

  it('gives the spare step of equals to the first in the order asked', () => {
    const alike = [1, 1, 1].map(within(0, 9000));
    expect(fill(10_000, alike, STEP, [1, 0, 2])).toEqual([3000, 4000, 3000]);
  });

  it('carries what is no whole step where there is most room', () => {
    expect(fill(10_350.4, [1, 1].map(within(0, 9000)), STEP)).toEqual([5350.4, 5000]);
  });

  it('adds up to the metre, between floors and ceilings', () => {
    const run = fc.record({
      weight: fc.constantFrom(0.4, 0.55, 0.85, 1, 1.25),
      floor: fc.integer({ min: 0, max: 3 }).map((km) => km * STEP),
      ceiling: fc.integer({ min: 4, max: 30 }).map((km) => km * STEP),
    });
    const week = fc.tuple(
      fc.array(run, { minLength: 1, maxLength: 9 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
    );
    fc.assert(
      fc.property(week, ([runs, part]) => {
        const least = sum(runs.map(({ floor }) => floor));
        const most = sum(runs.map(({ ceiling }) => ceiling));
        const total = Math.round(least + part * (most - least));
        const dealt = fill(total, runs, STEP);
        expect(sum(dealt)).toBeCloseTo(total, 6);
        dealt.forEach((amount, index) => {
          const { floor, ceiling } = runs[index] as Shape;
          expect(amount).toBeGreaterThanOrEqual(floor - 1e-6);
          expect(amount).toBeLessThanOrEqual(ceiling + STEP);
        });
      }),
    );
  });
});
