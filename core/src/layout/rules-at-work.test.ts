import { describe, expect, it } from 'vitest';
import type { BlockSpec } from '../spec/index.js';
import { layOut } from '../lay-out.js';
import { marathon } from '../testing/examples.js';

const under = (values: Record<string, number>, part: Partial<BlockSpec> = {}) =>
  layOut({ ...marathon, ...part, overrides: { values } });
const volumes = (block: ReturnType<typeof layOut>) => block.weeks.map(({ volume }) => volume);

/** That a figure of the book does what it says: each set otherwise, and seen in the block. */
describe('house rules at work', () => {
  it('cross-training is worth to an athlete what the record says: an hour of bike is 48 min of running', () => {
    const bikeDay = {
      date: '2026-12-23',
      role: 'cross-train',
      cross: 'bike',
      crossTime: 3600,
    } as const;
    const worth = (part: Partial<BlockSpec>) =>
      layOut({ ...marathon, days: [bikeDay], ...part }).weeks[1]?.days[2]?.cross.equivalentTime;
    expect(worth({})).toBe(2160);
    const athlete = { ...marathon.athlete, cross: { bike: 0.8 } };
    expect(worth({ athlete })).toBe(2880);
    // What the block says for itself goes over it.
    expect(worth({ athlete, overrides: { values: { 'cross.bike': 0.5 } } })).toBe(1800);
  });

  it('steps: laid out in fives of a kilometre', () => {
    const block = under({ 'layoutStep.distance': 5 });
    const building = volumes(block).slice(1, 13);
    expect(building.filter((volume) => volume % 5000 !== 0)).toEqual([]);
  });

  it('the share of the long run that nobody asked for: a quarter of 92 km and five points before a marathon are 27', () => {
    const block = under({ 'longRun.share': 0.25 }, { longRun: {} });
    expect(Math.max(...block.weeks.map(({ longRun }) => longRun))).toBe(27_000);
  });

  it('time on the feet: two and a half hours at 335 s/km are 26.8 km', () => {
    const block = under({ 'longRun.mostTime': 9000 });
    expect(Math.max(...block.weeks.map(({ longRun }) => longRun))).toBe(26_000);
    expect(block.weeks.some(({ longRunRule }) => longRunRule === 'time-cap')).toBe(true);
  });

  it('the growth of the long run: a kilometre a week holds the ladder back', () => {
    const block = under({ 'longRun.growthDistance': 1000, 'longRun.growthShare': 0.01 });
    expect(block.weeks.some(({ longRunRule }) => longRunRule === 'growth-cap')).toBe(true);
  });

  it('two weeks out and one week out: halves of the peak', () => {
    const block = under({
      'longRun.taperShares.twoWeeksOut': 0.5,
      'longRun.taperShares.oneWeekOut': 0.25,
    });
    expect(block.weeks.slice(-3).map(({ longRun }) => longRun)).toEqual([16_000, 8000, 0]);
  });

  it('days of the taper: a marathon tapered like a 10 km', () => {
    const block = under({ 'races.marathon.taperDays.most': 10 });
    expect(block.weeks.filter(({ taperShare }) => taperShare < 1)).toHaveLength(2);
  });

  it('running on a holiday, and before a race on the way', () => {
    const events: BlockSpec['events'] = [
      { kind: 'holiday', name: 'Ostrel', from: '2027-02-15', to: '2027-02-21' },
    ];
    // Week 9 builds to 77 km: a fifth of it is 15.4, a long run of 5 and three of the shortest.
    expect(volumes(under({ 'events.holiday': 0.2 }, { events }))[9]).toBe(14_000);
    const race: BlockSpec['events'] = [
      { kind: 'tune-up-race', name: 'Gullstone 10', from: '2027-02-21', distance: 10_000 },
    ];
    const rested = volumes(under({ 'races.10-km.tuneUp.daysBefore': 0 }, { events: race }));
    expect(rested[9]).toBeGreaterThan(77_000);
  });

  it('the shape of a week: days alike, and the day after the long run as long as any', () => {
    const flat = {
      'week.afterLong': 1,
      'week.secondAfterLong': 1,
      'week.midweek': 1,
      'week.shortEasy': 1,
    };
    const km = (values: Record<string, number>) =>
      under(values).weeks[0]?.days.flatMap(({ role, distance }) =>
        role === 'easy' || role === 'short-easy' ? [distance / 1000] : [],
      );
    expect(km({})).toEqual([4, 8, 8, 5]);
    // 25 km for four, the spare one in mid-week.
    expect(km(flat)).toEqual([6, 7, 6, 6]);
  });

  it('room around a session: at least and at most', () => {
    const tuesday = (values: Record<string, number>) => under(values).weeks[9]?.days[1]?.distance;
    const usual = tuesday({}) ?? 0;
    const more = { 'sessions.warmUp.distance': 4000, 'sessions.mostWarmUp.distance': 6000 };
    expect(tuesday(more)).toBeGreaterThanOrEqual(usual + 3000);
  });

  it('the eve of the race: 45 minutes at 5:35 are 8 km', () => {
    expect(under({ 'raceWeek.shakeOut': 2700 }).weeks[17]?.days[5]?.distance).toBe(8000);
  });

  it('what a new block starts from: weeks, peak and cap of the house', () => {
    const { spec } = layOut({
      race: marathon.race,
      houseRules: {
        values: {
          'races.marathon.weeks.usual': 14,
          'volume.growthCap': 0.06,
          'recovery.every': 3,
          'recovery.depth': 0.4,
        },
      },
    });
    expect(spec.weeks).toBe(14);
    expect(spec.volume.growth.cap).toBe(0.06);
    expect(spec.volume.recovery).toMatchObject({ every: 3, depth: 0.4 });
  });
});
