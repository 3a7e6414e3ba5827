import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import type { DayRole } from '../../spec/days/index.js';
import { dayLoad, layLegs } from './legs.js';

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

  it.each([
    ['usual', 10, 'value'],
    ['quick', 7, 'quick'],
    ['slow', 15, 'slow'],
  ] as const)('%s: one day of rest leaves e^(−1/%d) of the fatigue', (_, decay, of) => {
    const { days } = layLegs([rest, rest], 180);
    // The second morning is a seventh of its mean; the others were all alike.
    expect(days[1]?.[of]).toBeCloseTo((1 - Math.exp(-1 / decay)) / 7, 9);
  });
});

describe('what a day weighs, minutes × effort', () => {
  it.each<[DayRole, number]>([
    ['rest', 0],
    ['short-easy', 150],
    ['easy', 180],
    ['long', 240],
    ['quality', 300],
    ['semi-long', 210],
    ['recovery', 150],
    ['cross-train', 180],
    ['tune-up', 480],
    ['test', 420],
    ['race', 0],
  ])('an hour of %s: %d', (role, load) => {
    expect(dayLoad({ role, time: 3600 })).toBe(load);
  });

  it('hard running weighs 8, easy running around it 3, in a long run 4, cross-training 3', () => {
    expect(dayLoad({ role: 'quality', time: 3600, hardTime: 1200 })).toBe(40 * 3 + 20 * 8);
    expect(dayLoad({ role: 'long', time: 7200, hardTime: 1800 })).toBe(90 * 4 + 30 * 8);
    expect(dayLoad({ role: 'easy', time: 1800, cross: { time: 2400 } })).toBe(30 * 3 + 40 * 3);
  });
});
