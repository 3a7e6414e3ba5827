import { describe, expect, it } from 'vitest';
import type { Day, Week } from '../../layout/block/index.js';
import type { AddOn, PatternDay } from '../../spec/days/index.js';
import { layOut } from '../../lay-out.js';
import { rulesOf } from '../../rules/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import {
  laid,
  observed,
  weeksFound,
  withAthlete,
  withDays,
  withSpec,
  withWeeks,
} from '../../testing/edited.js';
import { growthOverCap } from './growth-over-cap.js';
import { notFeasible } from './not-feasible.js';
import { peakFarFromRace } from './peak-far-from-race.js';
import { peakNearRace } from './peak-near-race.js';
import { startAboveHeld } from './start-above-held.js';
import { tooLongAtPeak } from './too-long-at-peak.js';
import { volumeLowForDistance } from './volume-low-for-distance.js';
import { weekOverWish } from './week-over-wish.js';
import { weekUnderWish } from './week-under-wish.js';
import { wishNotKept } from './wish-not-kept.js';

const wishing = (part: Partial<ResolvedSpec['volume']>, block = laid) =>
  withSpec(block, { volume: { ...laid.spec.volume, ...part } });

describe('growth', () => {
  // Weeks 9, 10 and 11 are 75, 79 and 83 km; a tenth more than 79 are 86.9.
  it('is a tenth of the last building week at most', () => {
    expect(weeksFound(growthOverCap, withWeeks(laid, { 11: { volume: 86_900 } }))).toEqual([]);
    const [finding] = observed(growthOverCap, withWeeks(laid, { 11: { volume: 86_950 } }));
    expect(finding).toMatchObject({ weeks: [11], limit: 0.1 });
    expect(finding?.value).toBeCloseTo(86.95 / 79 - 1, 9);
  });

  it('goes on from before a week of rest, and from before one without running', () => {
    // Week 12 rests at 62 km: 87 in week 13 stand against the 83 of week 11.
    expect(weeksFound(growthOverCap, laid)).toEqual([]);
    const none = withWeeks(laid, { 10: { volume: 0 }, 11: { volume: 82_000 } });
    expect(weeksFound(growthOverCap, none)).toEqual([]);
  });

  it('of a taper is held against the heaviest week, whatever the last one was', () => {
    const light = withWeeks(laid, { 15: { volume: 50_000 }, 16: { volume: 76_000 } });
    expect(weeksFound(growthOverCap, light)).toEqual([]);
    const heavy = withWeeks(laid, { 16: { volume: 102_000 } });
    expect(weeksFound(growthOverCap, heavy)).toEqual([16]);
  });

  it('begins at the start: 55 km by rule, 61 in week 1 are over', () => {
    expect(weeksFound(growthOverCap, withWeeks(laid, { 1: { volume: 61_000 } }))).toEqual([1]);
  });
});

describe('a wished peak', () => {
  const lower = { 14: { volume: 90_000 }, 15: { volume: 89_000 } };

  it('that is not reached is said with the heaviest week there is', () => {
    expect(observed(notFeasible, laid)).toEqual([]);
    expect(observed(notFeasible, withWeeks(laid, lower))).toEqual([
      { level: 'note', weeks: [14], value: 90_000, limit: 92_000 },
    ]);
  });

  it('is a note where a twentieth is missed, a caution where more is', () => {
    // 0.95 x 92 km = 87.4 km.
    const heaviest = (volume: number) => withWeeks(laid, { 14: { volume }, 15: { volume } });
    expect(observed(notFeasible, heaviest(87_400))).toMatchObject([{ level: 'note' }]);
    const [far] = observed(notFeasible, heaviest(87_399));
    expect(far).toMatchObject({ weeks: [14], value: 87_399 });
    expect(far?.level).toBeUndefined();
  });

  it('is a note where weeks that hold no more reach nearly all of it', () => {
    const bounded = (volume: number) =>
      withWeeks(
        laid,
        Object.fromEntries(
          laid.weeks.map(({ number }) => [number, { volume, volumeRule: 'bounded' as const }]),
        ),
      );
    expect(observed(notFeasible, bounded(0.9 * 92_000))).toMatchObject([{ level: 'note' }]);
    const [far] = observed(notFeasible, bounded(0.9 * 92_000 - 1));
    expect(far).toBeDefined();
    expect(far?.level).toBeUndefined();
  });

  it('gives way to runs that are to stay as they are', () => {
    const kept = withSpec(withWeeks(laid, lower), { week: { ...laid.spec.week, midweek: 10_000 } });
    expect(observed(notFeasible, kept)).toEqual([]);
  });

  it('is not reached by what a camp adds', () => {
    const lower = Object.fromEntries(laid.weeks.map(({ number }) => [number, { volume: 80_000 }]));
    const camp = (running: number) => ({ ...lower, 10: { volume: 95_000, running } });
    expect(observed(notFeasible, withWeeks(laid, camp(1)))).toEqual([]);
    expect(observed(notFeasible, withWeeks(laid, camp(1.2)))).toMatchObject([{ value: 80_000 }]);
  });

  it('stands in its time: two to four weeks to go, the last of several counts', () => {
    const limits = rulesOf(laid.spec).races.marathon.peakWeeksOut;
    const peaked = (week: number) =>
      withWeeks(laid, {
        14: { volume: 80_000 },
        15: { volume: 80_000 },
        [week]: { volume: 92_000 },
      });
    const toGo = (week: number) => laid.weeks[week - 1]?.toGo ?? NaN;
    const far = laid.weeks.findLast((week) => week.toGo > limits.most)?.number ?? 0;
    const near = laid.weeks.find((week) => week.toGo < limits.least)?.number ?? 0;
    expect(observed(peakFarFromRace, peaked(far))).toEqual([
      { weeks: [far], value: toGo(far), limit: limits.most },
    ]);
    expect(observed(peakFarFromRace, peaked(far + 1))).toEqual([]);
    expect(observed(peakNearRace, peaked(near))).toEqual([
      { weeks: [near], value: toGo(near), limit: limits.least },
    ]);
    expect(observed(peakNearRace, peaked(near - 1))).toEqual([]);
  });

  it('is not stayed at for more than three weeks, those on the way up not counted', () => {
    const at = (numbers: readonly number[], part: Partial<Week> = {}) =>
      withWeeks(
        laid,
        Object.fromEntries(numbers.map((week) => [week, { volume: 92_000, ...part }])),
      );
    expect(weeksFound(tooLongAtPeak, at([13, 14, 15]))).toEqual([]);
    expect(observed(tooLongAtPeak, at([13, 14, 15, 16]))).toEqual([
      { weeks: [13, 14, 15, 16], value: 4, limit: 3 },
    ]);
    // 91 km in weeks that rise are nearly there; held they are there.
    const nearly = (volumeRule: Week['volumeRule']) =>
      withWeeks(at([13, 14, 15]), { 10: { volume: 91_900, volumeRule } });
    expect(weeksFound(tooLongAtPeak, nearly('rise'))).toEqual([]);
    expect(weeksFound(tooLongAtPeak, nearly('held'))).toEqual([10, 13, 14, 15]);
  });

  it('is no top to stay on where one week’s growth over the usual weeks reaches it', () => {
    const flat = (volume: number) =>
      withWeeks(
        laid,
        Object.fromEntries(
          laid.weeks.map(({ number }) => [number, { volume, volumeRule: 'held' as const }]),
        ),
      );
    const usually = (recentWeeks: number[], volume: number) =>
      weeksFound(tooLongAtPeak, withAthlete(flat(volume), { recentWeeks }));
    // A tenth more than 50 km, the heaviest but one of the last four; with none known, than the start.
    expect(usually([70_000, 40_000, 50_000, 90_000, 48_000], 55_000)).toEqual([]);
    expect(usually([70_000, 40_000, 50_000, 90_000, 48_000], 55_001)).toHaveLength(18);
    expect(usually([50_000], 55_000)).toEqual([]);
    expect(usually([], 1.1 * laid.spec.volume.start - 1)).toEqual([]);
    expect(usually([], 1.1 * laid.spec.volume.start + 1)).toHaveLength(18);
  });

  it('is light for the race under its least', () => {
    const { least } = rulesOf(laid.spec).races.marathon.peakVolume;
    const flat = (volume: number) =>
      withWeeks(
        laid,
        Object.fromEntries(laid.weeks.map(({ number }) => [number, { volume: volume - number }])),
      );
    expect(observed(volumeLowForDistance, flat(least + 1))).toEqual([]);
    expect(observed(volumeLowForDistance, flat(least))).toEqual([
      { weeks: [1], value: least - 1, limit: least },
    ]);
  });
});

describe('a first week', () => {
  it('is no heavier than the heaviest of the last four, half a step aside', () => {
    const first = (volume: number, part: Partial<Week> = {}) =>
      withWeeks(laid, { 1: { volume, ...part } });
    expect(observed(startAboveHeld, first(57_500))).toEqual([]);
    expect(observed(startAboveHeld, first(57_501))).toEqual([
      { weeks: [1], value: 57_501, limit: 57_000 },
    ]);
    // Four days of 40 km are a week of 70.
    expect(observed(startAboveHeld, first(40_000, { length: 4 }))).toMatchObject([
      { value: 70_000 },
    ]);
  });

  it('looks back on four real weeks and no further, and on nothing where none is known', () => {
    const heavy = withWeeks(laid, { 1: { volume: 58_000 } });
    const known = (recentWeeks: number[]) => withAthlete(heavy, { recentWeeks });
    expect(observed(startAboveHeld, known([90_000, 50_000, 50_000, 50_000, 50_000]))).toHaveLength(
      1,
    );
    expect(observed(startAboveHeld, known([90_000, 50_000, 50_000, 50_000]))).toEqual([]);
    expect(observed(startAboveHeld, known([]))).toEqual([]);
  });
});

describe('what days come to', () => {
  const fixed = { days: [{ date: '2027-02-20', amount: 8000 }] };

  it('is over the week where fixed days ask for more, race week aside', () => {
    const block = withSpec(laid, fixed);
    expect(weeksFound(weekOverWish, block)).toEqual([]);
    const small = withWeeks(block, { 10: { volume: 78_000 }, 18: { volume: 1000 } });
    expect(observed(weekOverWish, small)).toEqual([{ weeks: [10], value: 79_000, limit: 78_000 }]);
    expect(observed(weekOverWish, withWeeks(block, { 10: { volume: 78_500 } }))).toEqual([]);
    // Where nothing is fixed it is the product's own rounding.
    expect(observed(weekOverWish, withWeeks(laid, { 10: { volume: 78_000 } }))).toEqual([]);
  });

  it('is under a week that is fixed at more than they hold, race week aside', () => {
    const pinned = (week: number, volume: number) =>
      withWeeks(laid, { [week]: { volume, volumeRule: 'pin' } });
    expect(observed(weekUnderWish, pinned(10, 81_000))).toEqual([
      { weeks: [10], value: 79_000, limit: 81_000 },
    ]);
    expect(observed(weekUnderWish, pinned(10, 79_500))).toEqual([]);
    expect(observed(weekUnderWish, pinned(18, 60_000))).toEqual([]);
    expect(observed(weekUnderWish, withWeeks(laid, { 10: { volume: 81_000 } }))).toEqual([]);
  });
});

describe('a wish that is not kept', () => {
  const about = (block: typeof laid) => observed(wishNotKept, block).map((each) => each.about);

  it('is the week of the peak, told by the first of the heaviest', () => {
    expect(observed(wishNotKept, wishing({ peakWeek: 14 }))).toEqual([]);
    expect(observed(wishNotKept, wishing({ peakWeek: 12 }))).toEqual([
      { weeks: [12], value: 14, limit: 12, about: 'peak-week' },
    ]);
  });

  it('is weeks to be held at the peak, more than two of them and where its week is open', () => {
    expect(observed(wishNotKept, wishing({ holdAtPeak: 3 }))).toEqual([
      { weeks: [14, 15], value: 2, limit: 3, about: 'held' },
    ]);
    const three = withWeeks(laid, { 13: { volume: 92_000 } });
    expect(about(wishing({ holdAtPeak: 3 }, three))).toEqual([]);
    const one = withWeeks(laid, { 15: { volume: 80_000 } });
    expect(about(wishing({ holdAtPeak: 2 }, one))).toEqual([]);
    expect(about(wishing({ holdAtPeak: 3, peakWeek: 14 }))).toEqual([]);
    expect(about(wishing({ holdAtPeak: 3, peak: 99_000 }))).toEqual([]);
  });

  it('is a third hard day, where no injury says otherwise', () => {
    const asked = (part: Partial<ResolvedSpec['week']> = {}) =>
      withSpec(laid, {
        week: { ...laid.spec.week, qualityOn: ['monday', 'wednesday', 'friday'], ...part },
      });
    expect(about(asked())).toEqual(['hard-days']);
    expect(observed(wishNotKept, asked())).toMatchObject([{ value: 2, limit: 3 }]);
    expect(about(withAthlete(asked(), { injured: true }))).toEqual([]);
  });

  it('is a third hard day of a written week, where no phase has days of its own', () => {
    const week = (...roles: PatternDay['role'][]) => roles.map((role) => ({ role }));
    const asked = (days: PatternDay[], part: Partial<ResolvedSpec['week']> = {}) =>
      withSpec(laid, { week: { ...laid.spec.week, days, ...part } });
    const three = week('easy', 'quality', 'easy', 'quality', 'rest', 'quality', 'long');
    expect(observed(wishNotKept, asked(three))).toMatchObject([
      { value: 2, limit: 3, about: 'hard-days' },
    ]);
    expect(about(asked(three.with(5, { role: 'easy' })))).toEqual([]);
    // A cycle of nine days is no week.
    expect(about(asked([...three, ...week('easy', 'easy')]))).toEqual([]);
    const phases = new Set(laid.weeks.map(({ phase }) => phase));
    const byPhase = [...phases].map((phase) => ({ phase, days: three }));
    expect(about(asked(three, { byPhase }))).toEqual([]);
  });

  it('is small work beside a run: told by the runs, or of an older plan by what is quick', () => {
    const MONDAY = '2027-02-15';
    const beside = { ...laid.weeks[9]?.days[0]?.beside, addOn: 'strides' as const };
    const ran = (...addOns: (AddOn | undefined)[]): Day['sessions'] =>
      addOns.map((addOn) => ({
        kind: 'run',
        shorthand: addOn === 'drills' ? '5 km easy; drills' : '5 km easy',
        distance: 5000,
        time: 1800,
        hardDistance: 0,
        hardTime: 0,
        ...(addOn && { addOn }),
      }));
    const on = (part: Partial<Day>) =>
      about(withDays(laid, { [MONDAY]: { beside, quick: false, ...part } }));
    expect(on({ sessions: ran('strides') })).toEqual([]);
    expect(on({ sessions: ran('drills') })).toEqual(['add-on']);
    expect(on({ sessions: ran('drills', 'strides') })).toEqual([]);
    expect(on({ sessions: ran(undefined, 'strides') })).toEqual([]);
    expect(on({ sessions: ran(undefined) })).toEqual(['add-on']);
    // Where one run tells what it was given, what is quick elsewhere tells nothing.
    expect(on({ sessions: ran(undefined, 'drills'), quick: true })).toEqual(['add-on']);
    expect(on({ sessions: ran(undefined), quick: true })).toEqual([]);
    expect(on({ sessions: ran(undefined), quick: true, role: 'quality' })).toEqual(['add-on']);
    expect(on({ sessions: [] })).toEqual([]);
    expect(on({ sessions: ran(undefined), rule: 'own-session' })).toEqual([]);
    expect(on({ sessions: ran(undefined), swap: { kind: 'bike', reason: 'soreness' } })).toEqual(
      [],
    );
    const drills = { ...beside, addOn: 'drills' as const };
    const words = ran(undefined).map((run) => ({ ...run, shorthand: '5 km easy; drills' }));
    expect(on({ beside: drills, sessions: words })).toEqual([]);
    expect(on({ beside: drills, sessions: ran(undefined) })).toEqual(['add-on']);
  });

  it('is a second run that was asked for', () => {
    const beside = { ...laid.weeks[9]?.days[0]?.beside, addOn: undefined, double: true };
    const day = laid.weeks[9]?.days[0];
    const on = (sessions: Day['sessions']) =>
      about(withDays(laid, { [day?.date ?? '']: { beside, sessions } }));
    const [run] = day?.sessions ?? [];
    expect(on(run ? [run] : [])).toEqual(['double']);
    expect(on(run ? [run, run] : [])).toEqual([]);
  });
});

describe('a peak that is the start', () => {
  it('is reached by a short first week, whatever its days hold', () => {
    const block = layOut({
      athlete: { name: 'Idris Vale', unit: 'km' },
      race: { name: 'Pier 800', date: '2024-01-01', distance: 800 },
      start: '2023-12-12',
      volume: { holdAtPeak: 1, peakWeek: 1, growth: { cap: 0.01 } },
      week: { runDays: 2 },
      events: [{ kind: 'tune-up-race', name: 'Pier 1500', from: '2023-12-25', distance: 1500 }],
    });
    expect(block.weeks[0]).toMatchObject({ volumeRule: 'short-first-week', volume: 24_000 });
    expect(block.spec.volume).toMatchObject({ start: 30_000, peak: 30_000 });
    expect(observed(notFeasible, block)).toEqual([]);
  });
});
