import { describe, expect, it } from 'vitest';
import type { Day } from '../../layout/block/index.js';
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
import { anyRunOverLongRun } from './any-run-over-long-run.js';
import { crossAfterQuality } from './cross-after-quality.js';
import { doublesTooSoon } from './doubles-too-soon.js';
import { fewerRunDays } from './fewer-run-days.js';
import { fixedDayOverruled } from './fixed-day-overruled.js';
import { hardDayAway } from './hard-day-away.js';
import { hardDaysAdjacent } from './hard-days-adjacent.js';
import { qualityInEasyPhase } from './quality-in-easy-phase.js';
import { layOut } from '../../lay-out.js';
import { restBeforeHard } from './rest-before-hard.js';
import { runTooShort } from './run-too-short.js';
import { semiLongNearLong } from './semi-long-near-long.js';
import { sessionOutsideDays } from './session-outside-days.js';
import { strengthBeforeHard } from './strength-before-hard.js';
import { under18Doubles } from './under-18-doubles.js';

/*
 * Week 10, from Monday 15 February: easy 5, quality 15, semi-long 12, rest, quality 14,
 * short 6 and long 27 km: 79 km.
 */
const [MON, TUE, WED, THU, FRI, SAT, SUN] = [15, 16, 17, 18, 19, 20, 21].map(
  (day) => `2027-02-${day}`,
) as [string, string, string, string, string, string, string];

const week = (part: Partial<ResolvedSpec['week']>, block = laid) =>
  withSpec(block, { week: { ...laid.spec.week, ...part } });

/** Two runs of a day, metres, at six minutes a kilometre. */
const runs = (...metres: number[]): Day['sessions'] =>
  metres.map((distance) => ({
    kind: 'run',
    shorthand: `${distance / 1000} km easy`,
    distance,
    time: 0.36 * distance,
    hardDistance: 0,
    hardTime: 0,
  }));

describe('a run beside the long one', () => {
  // 0.85 of 27 km are 22.95.
  const long = (distance: number, part: Partial<Day> = {}) =>
    withDays(laid, { [MON]: { distance, sessions: runs(distance), ...part } });

  it('is 0.85 of it at most, named by its day', () => {
    expect(observed(anyRunOverLongRun, laid)).toEqual([]);
    expect(observed(anyRunOverLongRun, long(22_950))).toEqual([]);
    expect(observed(anyRunOverLongRun, long(23_000))).toEqual([
      { weeks: [10], dates: [MON], value: 23_000, limit: 0.85 * 27_000 },
    ]);
  });

  it('is a run, not a day of two', () => {
    const twice = long(26_000, { sessions: runs(20_000, 6000) });
    expect(observed(anyRunOverLongRun, twice)).toEqual([]);
  });

  it.each([
    { role: 'semi-long' },
    { rule: 'pin' },
    { rule: 'race' },
    { swap: { kind: 'bike', reason: 'soreness' } },
  ] as const)('is no matter where it was asked for, raced or swapped: %o', (part) => {
    expect(observed(anyRunOverLongRun, long(25_000, part))).toEqual([]);
  });

  it('is no matter in a week without a long run', () => {
    expect(observed(anyRunOverLongRun, withWeeks(long(25_000), { 10: { longRun: 0 } }))).toEqual(
      [],
    );
  });

  it('that was asked for as semi-long or pinned is found as that', () => {
    const semi = (distance: number, part: Partial<Day> = {}) =>
      observed(
        semiLongNearLong,
        withDays(laid, { [WED]: { distance, sessions: runs(distance), ...part } }),
      );
    expect(semi(22_950)).toEqual([]);
    expect(semi(23_000)).toMatchObject([{ weeks: [10], value: 23_000 }]);
    expect(semi(23_000, { role: 'easy' })).toEqual([]);
    expect(semi(23_000, { role: 'easy', rule: 'pin' })).toHaveLength(1);
    expect(semi(23_000, { swap: { kind: 'bike', reason: 'soreness' } })).toEqual([]);
    // A pinned long run is the long run.
    expect(observed(semiLongNearLong, withDays(laid, { [SUN]: { rule: 'pin' } }))).toEqual([]);
  });
});

describe('cross-training after something hard', () => {
  it('is said of its day, and not after an easy one', () => {
    const on = (date: string) =>
      observed(crossAfterQuality, withDays(laid, { [date]: { role: 'cross-train' } }));
    expect(on(WED)).toEqual([{ weeks: [10], dates: [WED], value: 1, limit: 0 }]);
    expect(on(THU)).toEqual([]);
  });
});

describe('a day that is run twice', () => {
  const from = rulesOf(laid.spec).week.doublesFrom.distance;
  const twice = withDays(laid, { [MON]: { sessions: runs(5000, 4000) } });
  const of = (volume: number, block = twice) => withWeeks(block, { 10: { volume } });

  it('comes too soon in a small building week', () => {
    expect(observed(doublesTooSoon, of(from - 1))).toEqual([
      { weeks: [10], value: from - 1, limit: from },
    ]);
    expect(observed(doublesTooSoon, of(from))).toEqual([]);
    expect(observed(doublesTooSoon, withWeeks(of(from - 1), { 10: { kind: 'taper' } }))).toEqual(
      [],
    );
    // Lighter by a race, it keeps those of the week that it is cut from.
    const lighter = withWeeks(of(from - 1), { 10: { volumeRule: 'event' } });
    expect(observed(doublesTooSoon, lighter)).toEqual([]);
    // A run and strength work are no double.
    const beside = withDays(laid, {
      [MON]: {
        sessions: [
          ...runs(5000),
          { kind: 'strength', shorthand: '', distance: 0, time: 900, hardDistance: 0, hardTime: 0 },
        ],
      },
    });
    expect(observed(doublesTooSoon, of(from - 1, beside))).toEqual([]);
  });

  it('is a stop under 18, in any week, and not said a second time as too soon', () => {
    const young = withAthlete(of(from - 1), { birthYear: 2010 });
    expect(observed(under18Doubles, young)).toEqual([
      { weeks: [10], dates: [MON], value: 1, limit: 0 },
    ]);
    expect(observed(doublesTooSoon, young)).toEqual([]);
    expect(observed(under18Doubles, of(from - 1))).toEqual([]);
  });
});

describe('run days', () => {
  it('are fewer than asked where no whole building week has them', () => {
    expect(observed(fewerRunDays, laid)).toEqual([]);
    const [found] = observed(fewerRunDays, week({ runDays: 7 }));
    expect(found).toMatchObject({ value: 6, limit: 7 });
    expect(found?.weeks).toEqual([1, 2, 3, 5, 6, 7, 9, 10, 11, 13, 14, 15]);
    const once = withWeeks(week({ runDays: 7 }), { 10: { runDays: 7 } });
    expect(observed(fewerRunDays, once)).toEqual([]);
  });

  it('of a week of the coach’s own are as they are', () => {
    expect(observed(fewerRunDays, week({ runDays: 7, days: [] }))).toEqual([]);
  });

  it('are not told by short weeks and weeks that events cut', () => {
    const one = (part: object) =>
      weeksFound(fewerRunDays, withWeeks(week({ runDays: 7 }), { 10: part }));
    expect(one({ length: 6 })).not.toContain(10);
    expect(one({ running: 0.8 })).not.toContain(10);
  });
});

describe('a day that was fixed', () => {
  const fixing = (part: object, block = laid) =>
    observed(fixedDayOverruled, withSpec(block, { days: [{ date: MON, ...part }] }));

  it('is overruled where it is laid out as something else', () => {
    expect(fixing({ role: 'easy' })).toEqual([]);
    expect(fixing({ role: 'quality' })).toEqual([
      { weeks: [10], dates: [MON], value: 1, limit: 0 },
    ]);
    expect(fixing({ amount: 9000 })).toEqual([]);
  });

  it('is overruled where its session is not what is run, by whatever rule', () => {
    const session = '5 km easy';
    expect(fixing({ session })).toHaveLength(1);
    for (const rule of ['own-session', 'pin', 'swap', 'cross'] as const) {
      expect(fixing({ session }, withDays(laid, { [MON]: { rule } }))).toEqual([]);
    }
  });

  it('is not overruled as a long run that is written out, which has no rule of a session', () => {
    const long = withDays(laid, { [MON]: { role: 'long', rule: 'long' } });
    expect(fixing({ session: '20 km, last 8 km marathon', role: 'long' }, long)).toEqual([]);
    expect(fixing({ role: 'easy' }, long)).toHaveLength(1);
  });

  it('outside the athlete’s free days is said, where it is run', () => {
    const free = withAthlete(withSpec(laid, { days: [{ date: MON, role: 'easy' }] }), {
      unavailable: ['monday'],
    });
    expect(observed(sessionOutsideDays, free)).toEqual([
      { weeks: [10], dates: [MON], value: 1, limit: 0 },
    ]);
    expect(observed(sessionOutsideDays, withAthlete(free, { unavailable: ['tuesday'] }))).toEqual(
      [],
    );
    expect(observed(sessionOutsideDays, withAthlete(free, { unavailable: [] }))).toEqual([]);
    const rested = withDays(free, { [MON]: { role: 'rest', sessions: [] } });
    expect(observed(sessionOutsideDays, rested)).toEqual([]);
    expect(observed(sessionOutsideDays, withSpec(free, { days: [] }))).toEqual([]);
  });

  it('pinned under the shortest run is said with it', () => {
    const pinned = (distance: number, rule: Day['rule'] = 'pin') =>
      observed(
        runTooShort,
        withDays(laid, { [MON]: { rule, distance, sessions: runs(distance) } }),
      );
    expect(pinned(3000)).toEqual([]);
    expect(pinned(2900)).toEqual([{ weeks: [10], value: 2900, limit: 3000 }]);
    expect(pinned(2900, 'own-session')).toHaveLength(1);
    expect(pinned(2900, 'share')).toEqual([]);
  });
});

describe('hard days', () => {
  it('that fall on days away are counted against those wished for', () => {
    expect(observed(hardDayAway, laid)).toEqual([]);
    const away = withAthlete(laid, { unavailable: ['tuesday'] });
    expect(observed(hardDayAway, away)).toMatchObject([{ value: 2, limit: 3 }]);
    expect(observed(hardDayAway, week({ days: [] }, away))).toEqual([]);
  });

  it('have a day between them, one more after a pair', () => {
    const hard: Partial<Day> = { role: 'quality', hardTime: 1200, quick: true };
    const dates = (block: typeof laid) =>
      observed(hardDaysAdjacent, block).map(({ dates: found, limit, about }) => [
        found?.join(' '),
        limit,
        about,
      ]);
    expect(dates(laid)).toEqual([]);
    const wednesday = withDays(laid, { [WED]: hard });
    expect(dates(wednesday)).toEqual([[`${TUE} ${WED}`, 1, undefined]]);
    // As a pair Tuesday and Wednesday are one; Friday is then one day too soon.
    expect(dates(week({ pairs: ['tuesday'] }, wednesday))).toEqual([[`${WED} ${FRI}`, 2, 'pair']]);
    const thursday = withDays(wednesday, { [FRI]: { role: 'easy', hardTime: 0, quick: false } });
    expect(dates(week({ pairs: ['tuesday'] }, thursday))).toEqual([]);
  });

  it('that are a test or a race leave the long run its own rules', () => {
    const saturday = (role: Day['role']) =>
      observed(
        hardDaysAdjacent,
        withDays(laid, {
          [FRI]: { role: 'easy', hardTime: 0, quick: false },
          [SAT]: { role, hardTime: 1200, quick: true },
        }),
      );
    expect(saturday('quality')).toMatchObject([{ dates: [SAT, SUN], value: 0, limit: 1 }]);
    expect(saturday('test')).toEqual([]);
    expect(saturday('tune-up')).toEqual([]);
  });

  it('are as many as their phase is for, races and tests not counted', () => {
    const hard: Partial<Day> = { role: 'quality', hardTime: 1200, quick: true };
    // Week 3 is foundation, for one hard day: Tuesday’s is there already.
    const third = (part: Partial<Day>) =>
      observed(qualityInEasyPhase, withDays(laid, { '2026-12-30': { ...hard, ...part } }));
    expect(third({})).toEqual([{ weeks: [3], value: 2, limit: 1 }]);
    expect(third({ role: 'test' })).toEqual([]);
    expect(third({ role: 'easy', hardTime: 0, quick: false })).toEqual([]);
  });
});

describe('rest before something hard', () => {
  const easyFriday = { role: 'easy', hardTime: 0, quick: false } as const;

  it('is said where a better day is free', () => {
    // Thursday rests before Friday's session; Monday or Saturday would do.
    expect(weeksFound(restBeforeHard, laid)).toContain(10);
    expect(weeksFound(restBeforeHard, withDays(laid, { [FRI]: easyFriday }))).not.toContain(10);
  });

  it('is no matter where rest cannot stand anywhere better', () => {
    const rest: Partial<Day> = { role: 'rest', rule: 'rest', distance: 0, sessions: [] };
    const many = withDays(laid, { [MON]: rest, [WED]: rest });
    expect(weeksFound(restBeforeHard, many)).not.toContain(10);
  });

  it('is in order before a long run that a taper has cut, and is not before a session', () => {
    // Six run days and a race on a Thursday: the last long run is the Thursday’s before it, after a day of rest.
    const block = layOut({
      athlete: { recentWeeks: [67_000, 67_000, 67_000, 67_000] },
      race: { name: 'Lantern Bay', date: '2027-04-29', distance: 3000 },
      weeks: 16,
      week: { runDays: 6 },
    });
    const day = (date: string) =>
      block.weeks.flatMap(({ days }) => days).find((each) => each.date === date);
    expect([day('2027-04-21')?.role, day('2027-04-22')?.role]).toEqual(['rest', 'long']);
    expect(weeksFound(restBeforeHard, block)).toEqual([]);
    const hard = withDays(block, { '2027-04-22': { role: 'quality', hardTime: 900 } });
    expect(weeksFound(restBeforeHard, hard)).toEqual([15]);
  });

  it('is no better beside the rest of the next week, though that one stands before something hard', () => {
    // Of Thursday's long run between two easy days and Saturday's test, Sunday alone stands before nothing hard.
    const block = layOut({
      athlete: { recentWeeks: [50_000, 52_000, 48_000, 54_000] },
      race: { name: 'Lantern Bay', date: '2027-04-25', distance: 21_097.5 },
      weeks: 12,
      events: [{ kind: 'test', name: 'Time trial', from: '2027-03-27' }],
    });
    expect(weeksFound(restBeforeHard, block)).not.toContain(8);
    const easyMonday = withDays(block, { '2027-03-29': { role: 'easy', distance: 6000 } });
    expect(weeksFound(restBeforeHard, easyMonday)).toContain(8);
  });

  it('is no rest where something else is done on the day', () => {
    const away = withDays(laid, { [THU]: { rule: 'away' } });
    expect(weeksFound(restBeforeHard, away)).not.toContain(10);
  });
});

describe('strength work before something hard', () => {
  const strength: Day['sessions'] = [
    { kind: 'strength', shorthand: '', distance: 0, time: 1200, hardDistance: 0, hardTime: 0 },
  ];

  it('is said on the day before, and not after it', () => {
    const on = (date: string) =>
      observed(strengthBeforeHard, withDays(laid, { [date]: { sessions: strength } }));
    expect(on(MON)).toEqual([{ weeks: [10], dates: [MON], value: 1, limit: 0 }]);
    expect(on(WED)).toEqual([]);
  });
});
