import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { usualRunDays } from './usual-run-days.js';

describe('usual run days', () => {
  const byDistance = { basis: 'distance', oftenHurt: false } as const;
  const byTime = { basis: 'time', oftenHurt: false } as const;

  it.each([
    [10, 3],
    [24.9, 3],
    [25, 4],
    [39.9, 4],
    [40, 5],
    [74.9, 5],
    [75, 6],
    [139.9, 6],
    [140, 7],
    [180, 7],
  ])('for %d km a week: %d', (km, days) => {
    expect(usualRunDays(byDistance, 1000 * km)).toBe(days);
  });

  it.each([
    [149, 3],
    [150, 4],
    [239, 4],
    [240, 5],
    [419, 5],
    [420, 6],
    [719, 6],
    [720, 7],
  ])('for %d min a week: %d', (minutes, days) => {
    expect(usualRunDays(byTime, 60 * minutes)).toBe(days);
  });

  it('were five for everyone before defaults number 9', () => {
    expect(usualRunDays(byDistance, 180_000, 8)).toBe(5);
    expect(usualRunDays(byDistance, 180_000, 9)).toBe(7);
  });

  it('are five where nothing is known, three for the often hurt', () => {
    expect(usualRunDays(byDistance, undefined)).toBe(5);
    expect(usualRunDays({ ...byDistance, oftenHurt: true }, 90_000)).toBe(3);
  });

  it('stay where the peak that they were suggested with is lowered', () => {
    const { spec } = layOut({
      race: { name: 'Breakwater 1500', date: '2029-10-29', distance: 1500, goalTime: 630 },
      weeks: 10,
      volume: { growth: { school: 'alternating', step: 7000 } },
      events: [{ kind: 'test', name: 'Trial', from: '2029-10-15' }],
    });
    expect(spec.volume.start).toBeLessThan(40_000);
    expect(spec.week.runDays).toBe(5);
  });
});
