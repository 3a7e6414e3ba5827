import { describe, expect, it } from 'vitest';
import type { Block, Week } from '../../layout/block/index.js';
import {
  laid,
  observed,
  weeksFound,
  withAthlete,
  withDays,
  withSpec,
  withWeeks,
} from '../../testing/edited.js';
import { rulesOf } from '../../rules/index.js';
import { fewLongRuns } from './few-long-runs.js';
import { longRunGrownTooFast } from './long-run-grown-too-fast.js';
import { longRunHeldDown } from './long-run-held-down.js';
import { longRunNearRace } from './long-run-near-race.js';
import { longRunNoDay } from './long-run-no-day.js';
import { longRunOverRace } from './long-run-over-race.js';
import { longRunOverShare } from './long-run-over-share.js';
import { longRunOverTime } from './long-run-over-time.js';
import { manyLongRuns } from './many-long-runs.js';

const inWeek10 = (part: Partial<Week>): Block => withWeeks(laid, { 10: part });

describe('the share of a long run', () => {
  // Six days a week from 70 km on: 35 % of the week and a step of 1 km in 79 are 28.65 km.
  const far = { longRun: 29_000 };

  it('hand-worked: of 79 km 28 are in order, 29 are 36.7 %', () => {
    expect(weeksFound(longRunOverShare, inWeek10({ longRun: 28_000 }))).toEqual([]);
    const [finding] = observed(longRunOverShare, inWeek10(far));
    expect(finding?.weeks).toEqual([10]);
    expect(finding?.value).toBeCloseTo(29 / 79, 9);
    expect(finding?.limit).toBeLessThan(29 / 79);
  });

  it('is no matter in a short week, one without a long run, or one that its runs hold down', () => {
    expect(weeksFound(longRunOverShare, inWeek10({ ...far, length: 6 }))).toEqual([]);
    expect(weeksFound(longRunOverShare, inWeek10({ longRun: 0 }))).toEqual([]);
    expect(weeksFound(longRunOverShare, inWeek10({ ...far, volumeRule: 'bounded' }))).toEqual([]);
  });

  it.each(['recovery', 'after-peak', 'event'] as const)(
    'is no matter where it was cut: %s',
    (rule) => {
      expect(weeksFound(longRunOverShare, inWeek10({ ...far, longRunRule: rule }))).toEqual([]);
    },
  );

  it.each([{ taperShare: 0.9 }, { recovery: true }, { volumeRule: 'event' }] as const)(
    'is no matter in a week that is cut run by run: %o',
    (cut) => {
      expect(weeksFound(longRunOverShare, inWeek10({ ...far, ...cut }))).toEqual([]);
      // One that is fixed was asked for all the same, and to the metre.
      expect(
        weeksFound(longRunOverShare, inWeek10({ ...far, ...cut, longRunRule: 'pin' })),
      ).toEqual([10]);
    },
  );

  it('of two runs is half and more, whatever is asked, unless it is fixed', () => {
    const twoRuns = withSpec(inWeek10(far), { week: { ...laid.spec.week, runDays: 2 } });
    expect(weeksFound(longRunOverShare, twoRuns)).toEqual([]);
  });
});

describe('the time of a long run', () => {
  const lasting = (time: number): Block => {
    const day = laid.weeks[9]?.days.find(({ role }) => role === 'long');
    const sessions = day?.sessions.map((session) => ({ ...session, time })) ?? [];
    return withDays(laid, { [day?.date ?? '']: { sessions } });
  };

  it('is three hours and a half at most, the rounding of a second aside', () => {
    const most = laidMostTime();
    expect(weeksFound(longRunOverTime, lasting(most + 0.5))).toEqual([]);
    expect(observed(longRunOverTime, lasting(most + 0.6))).toEqual([
      { weeks: [10], value: most + 0.6, limit: most },
    ]);
  });

  it('leaves strides and drills their minutes', () => {
    const day = laid.weeks[9]?.days.find(({ role }) => role === 'long');
    const sessions = day?.sessions.map((session) => ({
      ...session,
      addOn: 'strides' as const,
      time: laidMostTime() + 188,
    }));
    const block = withDays(laid, { [day?.date ?? '']: { sessions: sessions ?? [] } });
    expect(weeksFound(longRunOverTime, block)).toEqual([]);
  });

  it('is asked of runs alone', () => {
    const day = laid.weeks[9]?.days.find(({ role }) => role === 'long');
    const swum = day?.sessions.map((session) => ({
      ...session,
      kind: 'cross' as const,
      time: 20_000,
    }));
    const block = withDays(laid, { [day?.date ?? '']: { sessions: swum ?? [] } });
    expect(weeksFound(longRunOverTime, block)).toEqual([]);
  });
});

/** The limit of the house, as the check says it. */
function laidMostTime(): number {
  const day = laid.weeks[9]?.days.find(({ role }) => role === 'long');
  const sessions = day?.sessions.map((session) => ({ ...session, time: 99_999 })) ?? [];
  const [finding] = observed(longRunOverTime, withDays(laid, { [day?.date ?? '']: { sessions } }));
  return finding?.limit ?? NaN;
}

describe('the growth of a long run', () => {
  // From 27 km a tenth is 2.7, the 3 km that may always be added more: up to 30.
  it('hand-worked: after 27 km 30 are in order, 30.1 are not', () => {
    expect(weeksFound(longRunGrownTooFast, withWeeks(laid, { 11: { longRun: 30_000 } }))).toEqual(
      [],
    );
    expect(observed(longRunGrownTooFast, withWeeks(laid, { 11: { longRun: 30_100 } }))).toEqual([
      { weeks: [11], value: 30_100, limit: 30_000 },
    ]);
  });

  it('goes on from the longest before, be it real or in the block, not from the last', () => {
    const longer = withWeeks(laid, { 2: { longRun: 22_000 }, 3: { longRun: 24_900 } });
    expect(weeksFound(longRunGrownTooFast, longer)).toEqual([]);
    const first = { 1: { longRun: 24_000 }, 2: { longRun: 24_000 }, 3: { longRun: 24_000 } };
    expect(weeksFound(longRunGrownTooFast, withWeeks(laid, first))).toEqual([1]);
    const ran = withAthlete(withWeeks(laid, first), { longestRecentRun: 21_000 });
    expect(weeksFound(longRunGrownTooFast, ran)).toEqual([]);
  });
});

describe('a peak long run', () => {
  it('is held down where the longest is under the wish', () => {
    expect(observed(longRunHeldDown, laid)).toEqual([]);
    expect(observed(longRunHeldDown, withWeeks(laid, { 15: { longRun: 31_500 } }))).toEqual([
      { weeks: [15], value: 31_500, limit: 32_000 },
    ]);
  });

  it('further than the marathon itself is said, and in a shorter race no matter', () => {
    const far = withWeeks(laid, { 15: { longRun: 42_200 } });
    expect(observed(longRunOverRace, far)).toEqual([{ weeks: [15], value: 42_200, limit: 42_195 }]);
    expect(observed(longRunOverRace, withWeeks(laid, { 15: { longRun: 42_195 } }))).toEqual([]);
    const half = withSpec(far, { race: { ...laid.spec.race, distance: 21_097.5 } });
    expect(observed(longRunOverRace, half)).toEqual([]);
  });

  it('stands two weeks before the race but for two days: 12 are in order, 11 are not', () => {
    const long = laid.weeks[14]?.days.find(({ role }) => role === 'long');
    const moved = (date: string) => withDays(laid, { [long?.date ?? '']: { date } });
    expect(long?.date).toBe('2027-03-28');
    expect(observed(longRunNearRace, moved('2027-04-06'))).toEqual([]);
    expect(observed(longRunNearRace, moved('2027-04-07'))).toEqual([
      { weeks: [15], value: 11, limit: 12 },
    ]);
  });

  it('laid after the peak is shorter on purpose, and not the last one', () => {
    const near = withWeeks(laid, { 17: { longRun: 32_000 } });
    expect(observed(longRunNearRace, near)).toEqual([]);
    expect(
      weeksFound(longRunNearRace, withWeeks(near, { 17: { longRun: 32_000, longRunRule: 'pin' } })),
    ).toEqual([17]);
  });
});

describe('a week without its long run', () => {
  const lost = { longRunRule: 'no-day', longRun: 0 } as const;

  it('is said of a whole week with running', () => {
    expect(observed(longRunNoDay, inWeek10(lost))).toEqual([{ weeks: [10], value: 0, limit: 1 }]);
    expect(observed(longRunNoDay, inWeek10({ ...lost, length: 6 }))).toEqual([]);
    expect(observed(longRunNoDay, inWeek10({ ...lost, volume: 0 }))).toEqual([]);
  });
});

describe('long runs near the longest', () => {
  // Nine tenths of 32 km are 28.8: those of 30, 31 and 32 km; 28 is none.
  const flat = (longRun: number, rest: Partial<Week> = {}) =>
    Object.fromEntries([9, 10, 11, 13, 14, 15].map((week) => [week, { longRun, ...rest }]));

  it('are counted from nine tenths of it on', () => {
    const rules = { least: 4, most: 4 };
    const asked = (block: Block) =>
      observed(fewLongRuns, block, { rules: withLimits(rules) }).map(({ value }) => value);
    expect(asked(laid)).toEqual([3]);
    expect(asked(withWeeks(laid, { 11: { longRun: 28_900 } }))).toEqual([]);
    // Half a kilometre less came of rounding to whole ones.
    expect(asked(withWeeks(laid, { 11: { longRun: 28_300 } }))).toEqual([]);
    expect(asked(withWeeks(laid, { 11: { longRun: 28_299 } }))).toEqual([3]);
    expect(asked(withWeeks(laid, { 16: { longRun: 30_000 } }))).toEqual([3]);
  });

  it('are nine of ten miles, whatever floating point makes of nine tenths', () => {
    const none = Object.fromEntries(laid.weeks.map(({ number }) => [number, { longRun: 0 }]));
    const miles = withWeeks(withWeeks(laid, none), {
      ...flat(9 * 1609.344, { volume: 45_000 }),
      15: { longRun: 10 * 1609.344, volume: 45_000 },
    });
    const rules = withLimits({ least: 1, most: 5 });
    expect(observed(manyLongRuns, miles, { rules }).map(({ value }) => value)).toEqual([6]);
  });

  it('may be too many; one of three tenths of its week costs no more than its share', () => {
    const rules = withLimits({ least: 1, most: 5 });
    expect(observed(manyLongRuns, withWeeks(laid, flat(32_000)), { rules })).toEqual([
      { weeks: [9, 10, 11, 13, 14, 15], value: 6, limit: 5 },
    ]);
    const light = withWeeks(laid, flat(30_000, { volume: 100_000 }));
    expect(observed(manyLongRuns, light, { rules })).toEqual([]);
    const heavy = withWeeks(laid, flat(30_000, { volume: 99_900 }));
    expect(observed(manyLongRuns, heavy, { rules })).toHaveLength(1);
    const fewer = withWeeks(laid, { ...flat(32_000), 9: { longRun: 20_000 } });
    expect(observed(manyLongRuns, fewer, { rules })).toEqual([]);
  });
});

/** The rules of the house with other bounds on long runs near the longest. */
function withLimits(longRunsNearPeak: { least: number; most: number }) {
  const rules = rulesOf(laid.spec);
  const { races } = rules;
  const marathonRules = { ...races.marathon, longRunsNearPeak };
  return { ...rules, races: { ...races, marathon: marathonRules } };
}
