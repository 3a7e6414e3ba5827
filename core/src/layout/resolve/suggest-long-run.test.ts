import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { resolveSpec } from './resolve.js';

/** A marathon of fourteen weeks; weekly running and the long run’s peak in km. */
const firstOf = (weekly: number, peak: number, runDays: number) =>
  resolveSpec({
    athlete: { recentWeeks: Array.from({ length: 4 }, () => 1000 * weekly) },
    race: { name: 'Lantern Bay', date: '2027-05-09', distance: 42_195 },
    weeks: 14,
    week: { runDays },
    longRun: { peak: 1000 * peak },
  }).longRun.start;

describe('the first long run, where none is known', () => {
  it('is 28 % of the first week', () => {
    // 28 % of 50 km are 14, of 60 km 16.8: to whole km.
    expect(firstOf(50, 32, 6)).toBe(14_000);
    expect(firstOf(60, 32, 7)).toBe(17_000);
  });

  it('is 80 % of the peak at most, and of what is known the longest that was run', () => {
    // 28 % of 70 km are 19.6; 80 % of 19 km 15.2. Five runs beside it at 0.84 x 0.85 of it: 15.3.
    expect(firstOf(70, 19, 6)).toBe(16_000);
    const { longRun } = resolveSpec({
      athlete: { recentWeeks: [60_000], longestRecentRun: 16_000 },
      race: { name: 'Lantern Bay', date: '2027-05-09', distance: 42_195 },
    });
    expect(longRun.start).toBe(16_000);
  });
});

describe('the first long run of a large week', () => {
  it('leaves six or seven runs room to differ: 170 km are 1 + 6 x 0.8 x 0.85 of 33.5', () => {
    expect(firstOf(170, 35, 7)).toBe(34_000);
    // 150 km on six days: 1 + 5 x 0.84 x 0.85 of 32.8.
    expect(firstOf(150, 35, 6)).toBe(33_000);
  });

  it('leaves five runs and fewer room too, so that the day before it is a short one', () => {
    // 110 km on five days are 1 + 4 x 0.85 x 0.85 of 28.3; four fifths of the peak would be 28.
    expect(firstOf(110, 35, 5)).toBe(29_000);
  });

  it('leaves as much to climb as the week does: four fifths of the peak, or its week’s part', () => {
    const { weeks } = layOut({
      athlete: { recentWeeks: [58_000] },
      race: { name: 'Lantern Bay', date: '2027-05-09', distance: 10_000 },
      weeks: 12,
      week: { runDays: 5 },
    });
    // No week of it is flat: each day before the long run is at most two thirds of it.
    for (const { number, kind, longRun, days } of weeks.slice(0, 3)) {
      expect(kind, `week ${number}`).toBe('building');
      const eve = days.find(({ role }) => role === 'short-easy');
      expect(eve?.distance, `week ${number}`).toBeLessThanOrEqual((2 / 3) * longRun);
    }
  });

  it('is no leap from the longest that was run: a tenth more than 30 km', () => {
    const { longRun } = resolveSpec({
      athlete: { recentWeeks: [170_000], longestRecentRun: 30_000 },
      race: { name: 'Lantern Bay', date: '2027-05-09', distance: 10_000 },
      weeks: 14,
      week: { runDays: 7 },
    });
    expect(longRun.start).toBe(33_000);
  });
});

describe('the first long run of a small week', () => {
  const first = (athlete: BlockSpec['athlete'], week?: BlockSpec['week']) =>
    resolveSpec({
      athlete,
      race: { name: 'Lantern Bay', date: '2027-05-09', distance: 800 },
      weeks: 12,
      week: { runDays: 4, ...week },
    }).longRun.start;

  it('leaves a session two kilometres between warming up and cooling down', () => {
    // 2 + 2 + 2 km are 85% of 7.06: 8 in whole km, and two fifths of 20. Of 15 km two fifths are 6.
    expect(first({ recentWeeks: [20_000] })).toBe(8000);
    expect(first({ recentWeeks: [15_000] })).toBe(6000);
    // Without key sessions the others still differ: 20 km are 1 + 3 x 0.9 x 0.85 of 6.07.
    expect(first({ recentWeeks: [20_000] }, { qualityOn: [] })).toBe(7000);
  });

  it('is no leap from the longest that was run: 3 km more', () => {
    expect(first({ recentWeeks: [20_000], longestRecentRun: 4000 })).toBe(7000);
  });

  it('counts minutes: 12 + 12 + 12 are 85% of 42, 45 in steps of five', () => {
    expect(first({ basis: 'time', recentWeeks: [8400] })).toBe(45 * 60);
  });
});

describe('the peak of the long run', () => {
  it('stands in whole miles where other runs ask for more than 35 km: 21, not 21.7', () => {
    const mile = 1609.344;
    const { longRun } = resolveSpec({
      athlete: { unit: 'mi', recentWeeks: [80 * mile] },
      race: { name: 'Lantern Bay', date: '2027-05-16', distance: 10_000 },
      weeks: 14,
    });
    expect(longRun.peak / mile).toBeCloseTo(21, 6);
  });
});
