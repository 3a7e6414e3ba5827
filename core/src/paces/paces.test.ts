import { describe, expect, it } from 'vitest';
import { addDays } from '../base/index.js';
import { defaultHouseRules } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import { resolveSpec } from '../layout/index.js';
import { marathon } from '../testing/examples.js';
import { easyPaces } from './easy-pace.js';
import { fitnessOn, pacedOn } from './fitness.js';
import { goalGap } from './goal-gap.js';
import { gapWords } from './gap-words.js';
import { guessedTimes } from './guessed-pace.js';
import { beatsOf } from './heart.js';
import { pacesOn } from './paces-on.js';
import { newsOf } from './result-news.js';
import { trendsOf } from './trend.js';

const rules = defaultHouseRules;
const subject = (change: Partial<BlockSpec> = {}) => resolveSpec({ ...marathon, ...change });
const withResults = (
  ...results: { date: string; distance: number; time: number; full?: boolean }[]
) => ({
  athlete: { ...marathon.athlete, results },
});
const easyOn = (of: ReturnType<typeof subject>, day: string) => easyPaces(of, rules)(day);
const range = (of: ReturnType<typeof subject>, id: string, day = of.start) =>
  pacesOn(of, rules, day).rows.find(({ pace }) => pace.id === id);

describe('easy pace', () => {
  it('is the middle of the pace “easy”, in fives: marathon 4:27 and 70 s are 5:35', () => {
    // 11 271 s over 42.195 km are 267.1 s/km; 337 in fives is 335.
    expect(easyOn(subject(), '2026-12-14')).toBe(335);
  });

  it('comes from the goal without a result, and is a guess by the recent weeks without either', () => {
    const none = withResults();
    // 11 700 s over 42.195 km are 277 s/km; 347 in fives is 345.
    expect(easyOn(subject(none), '2026-12-14')).toBe(345);
    const race = { name: 'Ostrel', date: '2027-04-18', distance: 42_195 };
    // 54.5 km a week; and six minutes of those of whom nothing is known.
    expect(easyOn(subject({ ...none, race }), '2026-12-14')).toBe(335);
    expect(easyOn(subject({ athlete: {}, race }), '2026-12-14')).toBe(360);
  });

  it('follows a re-pacing from its day on, and not before', () => {
    const better = [
      { date: '2026-11-08', distance: 10_000, time: 2430 },
      { date: '2027-02-07', distance: 10_000, time: 2340 },
    ];
    const entered = subject(withResults(...better));
    expect(easyOn(entered, '2027-02-10')).toBe(335);
    const repaced = subject({ ...withResults(...better), paces: { repaced: ['2027-02-08'] } });
    expect(pacedOn(repaced, '2027-02-07')).toBe('2026-12-14');
    expect(easyOn(repaced, '2027-02-07')).toBe(335);
    expect(easyOn(repaced, '2027-02-08')).toBe(325);
  });
});

describe('times at a guess', () => {
  it('follow Riegel from a marathon 70 s/km quicker than easy running', () => {
    // 54.5 km a week guess easy at 335 s/km: 265 over 42.195 km are 11 181.7 s.
    const timeFor = guessedTimes({ basis: 'distance', recentWeeks: [54_500] });
    expect(timeFor(42_195)).toBeCloseTo(11_181.7, 1);
    // 10 km in 40:30 predict 11 180 s (riegel.ts): 1.7 s more are 40:30.4.
    expect(timeFor(10_000)).toBeCloseTo(2430.4, 0);
  });
});

describe('fitness', () => {
  it('knows nothing without a result', () => {
    expect(fitnessOn(subject(withResults()), rules, '2026-12-14')).toBeUndefined();
  });

  it('is not predicted from an effort that was held back', () => {
    const held = withResults(
      { date: '2026-11-08', distance: 10_000, time: 2430 },
      { date: '2026-12-01', distance: 10_000, time: 2700, full: false },
    );
    expect(fitnessOn(subject(held), rules, '2026-12-14')?.efforts).toHaveLength(1);
  });

  it('makes a marathon careful on little running, and says so', () => {
    const little = subject({ volume: { ...marathon.volume, start: 30_000, peak: 40_000 } });
    const fitness = fitnessOn(little, rules, '2026-12-14');
    // Half: 2430 × 2.10975^1.06 = 5361 s; × 2^1.15 = 2.219 → 11 897 s.
    expect(fitness?.timeFor(42_195)).toBeCloseTo(2430 * 2.10975 ** 1.06 * 2 ** 1.15, 3);
    expect(fitness?.caution?.exponent).toBeCloseTo(1.15, 9);
    expect(fitness?.timeFor(10_000)).toBe(2430);
    // Who has run a marathon needs no such care.
    const proven = subject({
      ...withResults({ date: '2026-11-08', distance: 42_195, time: 11_000 }),
      volume: { start: 30_000, peak: 40_000 },
    });
    expect(fitnessOn(proven, rules, '2026-12-14')?.caution).toBeUndefined();
  });

  it('falls back on the power law where the model lacks something, and says what', () => {
    const one = subject({ athlete: { ...marathon.athlete, paceModel: 'critical-speed' } });
    const fitness = fitnessOn(one, rules, '2026-12-14');
    expect(fitness).toMatchObject({ model: 'power-law' });
    expect(fitness?.lacking).toContain('two recent efforts');
  });

  it('is stale after the house rule’s weeks', () => {
    expect(fitnessOn(subject(), rules, '2027-01-31')?.stale).toBe(false);
    expect(fitnessOn(subject(), rules, '2027-02-01')?.stale).toBe(true);
  });
});

describe('named paces', () => {
  it('come from a race pace and an offset', () => {
    const ten = range(subject(), '10-km')?.current;
    expect(ten).toEqual({ quick: 243, slow: 243 });
    const steady = range(subject(), 'steady')?.current;
    expect((steady?.slow ?? 0) - (steady?.quick ?? 0)).toBeCloseTo(20, 9);
  });

  it('come from a race’s duration: in one hour 10 km in 40:30 is 14.49 km', () => {
    // 10 km × (3600 ÷ 2430)^(1 ÷ 1.06) = 14.488 km, 248.5 s/km.
    expect(range(subject(), 'one-hour')?.current?.quick).toBeCloseTo(
      3600 / (10 * (3600 / 2430) ** (1 / 1.06)),
      3,
    );
  });

  it('keep current and goal apart, and may walk from one to the other', () => {
    const walking = subject({ paces: { aim: 'walk' } });
    const at = (day: string) => range(walking, 'marathon', day);
    const first = at('2026-12-14');
    expect(first?.used?.quick).toBeCloseTo(first?.current?.quick ?? 0, 9);
    expect(first?.goal?.quick).toBeCloseTo(11_700 / 42.195, 6);
    const last = at('2027-04-18');
    expect(last?.used?.quick).toBeCloseTo(last?.goal?.quick ?? 0, 9);
    const goal = subject({ paces: { aim: 'goal' } });
    expect(range(goal, 'marathon')?.used).toEqual(range(goal, 'marathon')?.goal);
  });

  it('carry beats: reserve 70–80% of 190 and 50 is 148–162', () => {
    const heart = { maxHeart: 190, restHeart: 50 };
    expect(beatsOf({ of: 'reserve', from: 0.7, to: 0.8 }, heart)).toEqual([148, 162]);
    expect(beatsOf({ of: 'maximum', from: 0.65, to: 0.75 }, heart)).toEqual([124, 143]);
    expect(beatsOf({ of: 'beats', from: 140, to: 150 }, heart)).toEqual([140, 150]);
    expect(
      beatsOf({ of: 'reserve', from: 0.7, to: 0.8 }, { maxHeart: 190, restHeart: undefined }),
    ).toBeUndefined();
  });
});

describe('the gap to the goal', () => {
  it('is what the pace must gain, against a rule of thumb for the weeks left', () => {
    const quick = subject({
      race: { ...marathon.race, name: 'Ostrel', distance: 42_195, goalTime: 10_900 },
    });
    const gap = goalGap(quick, rules, '2026-12-14');
    const now = 2430 * 2.10975 ** 1.06 * 2 ** 1.072;
    expect(gap?.share).toBeCloseTo(1 - 10_900 / now, 6);
    // 125 days are 4.107 months: 4.1% at 1% a month.
    expect(gap?.reachable).toBeCloseTo(0.01 * (125 / (365.25 / 12)), 9);
    expect(gap?.within).toBe(true);
    expect(gap && gapWords(gap, 'km')).toBe(
      'Today’s fitness is 4:27 /km at race distance, the goal 4:18 /km: 9 s/km or 3.3% to gain. In 18 weeks about 4.1% may be gained, by a rule of thumb and no promise: within reach.',
    );
    // 7:10 against 6:56 a mile.
    expect(gap && gapWords(gap, 'mi')).toContain(
      '7:10 /mi at race distance, the goal 6:56 /mi: 14 s/mi',
    );
    // A week before the race 0.23% may be gained; a prediction may be 1% out.
    const near = (goalTime: number) =>
      goalGap(
        subject({ race: { ...marathon.race, distance: 42_195, goalTime } }),
        rules,
        addDays(marathon.race.date ?? '', -7),
      );
    const asGood = near(now * 0.991);
    expect(asGood).toMatchObject({ within: true, reachable: expect.closeTo(0.0023, 4) as number });
    expect(asGood && gapWords(asGood, 'km')).toMatch(
      /0\.9% to gain\. A prediction may be out by as much: within reach\.$/,
    );
    expect(near(now * 0.989)?.within).toBe(false);
    const slower = goalGap(subject(), rules, '2026-12-14');
    expect(slower && gapWords(slower, 'km')).toContain('no more than the results already say');
    expect(goalGap(subject(withResults()), rules, '2026-12-14')).toBeUndefined();
  });
});

describe('a new result', () => {
  const entered = subject(
    withResults(
      { date: '2026-11-08', distance: 10_000, time: 2430 },
      { date: '2027-02-07', distance: 10_000, time: 2340 },
    ),
  );

  it('says what it predicts, what has changed, and that paces do not rest on it yet', () => {
    const news = newsOf(entered, rules);
    const factor = 2.10975 ** 1.06 * 2 ** 1.072;
    expect(news?.predicts).toBeCloseTo(2340 * factor, 3);
    expect(news?.since).toBeCloseTo(-90 * factor, 3);
    expect(news?.pending).toBe(true);
    const taken = { ...entered, paces: { ...entered.paces, repaced: ['2027-02-08'] } };
    expect(newsOf(taken, rules)?.pending).toBe(false);
    expect(newsOf(subject(withResults()), rules)).toBeUndefined();
  });

  it('stands in a trend with the same test before it', () => {
    expect(trendsOf(entered.athlete.results)).toMatchObject([
      { distance: 10_000, results: [{ time: 2430 }, { time: 2340 }] },
    ]);
    // A mile and 1600 m are two tests.
    expect(
      trendsOf([
        { date: '2027-01-01', distance: 1600, time: 300 },
        { date: '2027-02-01', distance: 1609.344, time: 300 },
      ]),
    ).toEqual([]);
  });
});
