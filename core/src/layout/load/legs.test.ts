import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { legsFigures } from '../../present/figures/index.js';
import { marathon } from '../../testing/examples.js';
import type { DayRole } from '../../spec/days/index.js';
import { dayLoad, layLegs } from './legs.js';

/** Minutes × effort. */
const easyHour = 60 * 3;
const rest = 0;

describe('legs', () => {
  it('stay as on day one while the load stays as it was: 60 minutes × effort 3', () => {
    const { days } = layLegs(Array(20).fill(easyHour), 180);
    days.forEach(({ value }) => expect(value).toBeCloseTo(1, 9));
  });

  it('freshen at rest: after n days a share e^(−n/10) of day one is left', () => {
    const { days, raceDay } = layLegs(Array(8).fill(rest), 180);
    // Morning 4 is the middle of mornings 1 to 7; race morning is itself.
    const mean = [0, 1, 2, 3, 4, 5, 6].reduce((total, n) => total + Math.exp(-n / 10), 0) / 7;
    expect(days[3]?.value).toBeCloseTo(mean, 9);
    expect(raceDay).toBeCloseTo(Math.exp(-0.7), 9);
  });

  it('grow heavier by what is run: twice the load for three days', () => {
    const twice = 2 * easyHour;
    const { raceDay } = layLegs([twice, twice, twice, rest], 180);
    // Each day adds as much again: 1, then 1 + k, 1 + k + k², with k = 1 − e^(−1/10) a day.
    const keep = Math.exp(-1 / 10);
    expect(raceDay).toBeCloseTo(1 + (1 - keep) * (1 + keep + keep ** 2), 9);
  });

  it('are flat where nothing was run before', () => {
    expect(layLegs([rest, rest], 0).days.map(({ value }) => value)).toEqual([1, 1]);
  });

  it('are heaviest late in a marathon block, before the race', () => {
    const { legs, weeks } = layOut(marathon);
    const { week, heaviest, raceMorning, release } = legsFigures({ legs, weeks });
    expect(weeks[week - 1]?.toGo).toBeGreaterThanOrEqual(1);
    expect(weeks[week - 1]?.toGo).toBeLessThanOrEqual(4);
    expect(heaviest).toBeGreaterThan(1.3);
    expect(raceMorning).toBe(legs.raceDay);
    expect(release).toBeCloseTo(1 - raceMorning / heaviest, 12);
  });

  it.each([
    ['usual', 10, 'value'],
    ['quick', 7, 'quick'],
    ['slow', 15, 'slow'],
  ] as const)(
    '%s: two days of rest leave e^(−1/%d) of day one on the second morning',
    (_, decay, of) => {
      expect(layLegs([rest, rest], 180).days[1]?.[of]).toBeCloseTo(Math.exp(-1 / decay), 9);
    },
  );
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
