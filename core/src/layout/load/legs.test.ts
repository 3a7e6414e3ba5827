import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { layLegs } from './legs.js';

const easyHour = { role: 'easy' as const, time: 3600 };
const rest = { role: 'rest' as const, time: 0 };

describe('legs', () => {
  it('stay at zero while the load stays as it was: 60 minutes × effort 3', () => {
    const { days } = layLegs(Array(20).fill(easyHour), 180);
    days.forEach(({ value }) => expect(value).toBeCloseTo(0, 9));
  });

  it('freshen at rest: after n days a share e^(−n/10) of the fatigue is left', () => {
    const { days, raceDay } = layLegs(Array(8).fill(rest), 180);
    // Morning 8 averages the fatigue of mornings 2 to 8.
    const mean = [1, 2, 3, 4, 5, 6, 7].reduce((total, n) => total + Math.exp(-n / 10), 0) / 7;
    expect(days[7]?.value).toBeCloseTo(1 - mean, 9);
    expect(raceDay).toBe(days[7]?.value);
  });

  it('are flat where nothing was run before', () => {
    expect(layLegs([rest, rest], 0).days.map(({ value }) => value)).toEqual([0, 0]);
  });

  it('are heaviest late in a marathon block, before the race', () => {
    const { legs, weeks } = layOut(marathon);
    const nadirWeek = weeks[Math.floor(legs.nadir / 7)];
    expect(nadirWeek?.toGo).toBeGreaterThanOrEqual(1);
    expect(nadirWeek?.toGo).toBeLessThanOrEqual(4);
    expect(legs.raceDay).toBeGreaterThan(legs.days[legs.nadir]?.value ?? 0);
  });
});
