import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatTenths } from '../base/format/index.js';
import { sum } from '../base/index.js';
import { reps } from './reps.js';
import { splits } from './splits.js';

describe('splits', () => {
  it('are none of nothing, or of more than anyone reads', () => {
    expect(splits({ distance: 0, time: 100, every: 400, shape: [0] })).toEqual([]);
    expect(splits({ distance: 5000, time: 1200, every: 0, shape: [0] })).toEqual([]);
    expect(splits({ distance: 100_000, time: 40_000, every: 1, shape: [0] })).toEqual([]);
  });

  it('hand-worked: 5 km in 20:00 by the kilometre is 4:00 each', () => {
    const found = splits({ distance: 5000, time: 1200, every: 1000, shape: [0] });
    expect(found.map(({ seconds }) => seconds)).toEqual([240, 240, 240, 240, 240]);
  });

  it('hand-worked: 2 km in 8:00, second half 6 s/km quicker, is 4:03 and 3:57', () => {
    const found = splits({ distance: 2000, time: 480, every: 1000, shape: [3, -3] });
    expect(found.map(({ seconds }) => seconds)).toEqual([243, 237]);
  });

  it('end with what is left: a marathon has 42 kilometres and 195 m', () => {
    const found = splits({ distance: 42_195, time: 11_700, every: 1000, shape: [0] });
    expect(found).toHaveLength(43);
    expect(found.at(-1)).toMatchObject({ at: 42_195, elapsed: 11_700 });
    expect(found.at(-1)?.distance).toBeCloseTo(195, 6);
  });

  it('add up to the target, whatever the shape', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 400, max: 42_195 }),
        fc.integer({ min: 100, max: 20_000 }),
        fc.constantFrom(200, 400, 1000, 1609.344),
        fc.array(fc.integer({ min: -20, max: 20 }), { minLength: 1, maxLength: 8 }),
        (distance, time, every, shape) => {
          const found = splits({ distance, time, every, shape });
          expect(sum(found.map(({ seconds }) => seconds))).toBe(time);
          expect(sum(found.map((split) => split.distance))).toBeCloseTo(distance, 6);
        },
      ),
    );
  });
});

describe('repetitions', () => {
  const asked = { count: 6, distance: 1000, pace: 240, jogPace: 360 };

  it('hand-worked: 6 × 1000 m at 4:00, 90 s jog', () => {
    // 5 recoveries of 90 s at 6:00 /km are 250 m each: 6000 + 1250 m, 1440 + 450 s.
    expect(reps({ ...asked, recovery: { kind: 'jog-time', seconds: 90 } })).toEqual({
      each: 240,
      hardDistance: 6000,
      hardTime: 1440,
      recoveries: 5,
      totalDistance: 7250,
      totalTime: 1890,
    });
  });

  it.each([
    [{ kind: 'jog-distance', distance: 400 } as const, 8000, 1440 + 5 * 144],
    [{ kind: 'standing', seconds: 60 } as const, 6000, 1740],
    [{ kind: 'equal-time' } as const, 6000 + 5 * 667, 1440 + 1200],
  ])('with %o', (recovery, totalDistance, totalTime) => {
    const found = reps({ ...asked, recovery });
    expect(found.totalDistance).toBeCloseTo(totalDistance, 6);
    expect(found.totalTime).toBeCloseTo(totalTime, 6);
  });

  it('hand-worked: 6 × 1000 m at 6:26 a mile are 6 × 4:00, though each takes 3:59.85', () => {
    const found = reps({
      ...asked,
      pace: 386 / 1.609344,
      recovery: { kind: 'standing', seconds: 60 },
    });
    expect(found).toMatchObject({ each: 240, hardTime: 1440, totalTime: 1740 });
  });

  it('hand-worked: 12 × 200 m in 36.4 are 7:16.8, as tenths add up', () => {
    const found = reps({
      ...asked,
      count: 12,
      distance: 200,
      pace: 182.1,
      recovery: { kind: 'equal-time' },
    });
    expect(found).toMatchObject({ each: 36.4, hardTime: 436.8, totalTime: 837.2 });
    expect(formatTenths(found.hardTime)).toBe('7:16.8');
  });

  it('has no recovery around a single one', () => {
    const one = reps({ ...asked, count: 1, recovery: { kind: 'standing', seconds: 60 } });
    expect(one).toMatchObject({ recoveries: 0, totalDistance: 1000, totalTime: 240 });
  });
});
