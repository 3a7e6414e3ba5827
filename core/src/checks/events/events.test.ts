import { describe, expect, it } from 'vitest';
import type { Day } from '../../layout/block/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import type { Result } from '../../spec/choices/index.js';
import {
  laid,
  observed,
  weeksFound,
  withAthlete,
  withDays,
  withSpec,
} from '../../testing/edited.js';
import { hardEffortNearRace } from './hard-effort-near-race.js';
import { raceInThePast } from './race-in-the-past.js';
import { testMissing } from './test-missing.js';
import { testTooLate } from './test-too-late.js';
import { tuneUpNearRace } from './tune-up-near-race.js';

const test = (from: string, part: Partial<BlockEvent> = {}): BlockEvent => ({
  kind: 'test',
  name: 'Time trial',
  from,
  distance: 3000,
  ...part,
});
const placing = (...events: BlockEvent[]) => withSpec(laid, { events });

describe('weeks without a test', () => {
  // From Monday 14 December to Sunday 18 April are 17 whole weeks; eight may go by.
  const result = (date: string, part: Partial<Result> = {}): Result => ({
    date,
    distance: 5000,
    time: 1200,
    ...part,
  });
  const value = (block: typeof laid) => observed(testMissing, block).map((each) => each.value);

  it('hand-worked: 17 without any; one near the middle leaves 8 and 9', () => {
    expect(value(laid)).toEqual([17]);
    expect(value(placing(test('2027-02-14')))).toEqual([9]);
    expect(value(placing(test('2027-02-14'), test('2027-02-21')))).toEqual([]);
  });

  it('are those between the two, by their numbers', () => {
    expect(weeksFound(testMissing, placing(test('2027-02-14')))).toEqual([
      9, 10, 11, 12, 13, 14, 15, 16, 17, 18,
    ]);
  });

  it('end with a result of a full effort that was run on the way, placed or not', () => {
    const ran = (...results: Result[]) => withAthlete(laid, { results });
    const middle = [result('2027-02-14'), result('2027-02-21')];
    expect(value(ran(...middle))).toEqual([]);
    expect(value(ran(...middle.map((each) => ({ ...each, full: false }))))).toEqual([17]);
    expect(value(ran(result('2026-12-14'), result('2027-04-18'), result('2026-11-01')))).toEqual([
      17,
    ]);
  });

  it('do not end with a session at goal pace, which tells nothing of the day', () => {
    expect(value(placing(test('2027-02-14', { form: 'goal-pace' })))).toEqual([17]);
    const away: BlockEvent = { kind: 'holiday', name: 'Away', from: '2027-02-14' };
    expect(value(placing(away))).toEqual([17]);
  });

  it('are not counted for who is not to run hard', () => {
    expect(value(withAthlete(laid, { injured: true }))).toEqual([]);
    expect(value(withAthlete(laid, { oftenHurt: true }))).toEqual([]);
  });
});

describe('a race or test before the goal', () => {
  it('comes too late to be of use in the last weeks', () => {
    const [found] = observed(testTooLate, placing(test('2027-04-17')));
    expect(found).toMatchObject({ weeks: [18], value: 1 });
    const limit = found?.limit ?? NaN;
    const on = (days: number) => new Date(Date.UTC(2027, 3, 18 - days)).toISOString().slice(0, 10);
    expect(observed(testTooLate, placing(test(on(limit))))).toEqual([]);
    expect(observed(testTooLate, placing(test(on(limit - 1))))).toMatchObject([
      { value: limit - 1 },
    ]);
    const race: BlockEvent = { ...test('2027-04-17'), kind: 'tune-up-race' };
    expect(observed(testTooLate, placing(race))).toEqual([]);
  });

  it('is too near by its own distance: ten days for 10 km, and a test not at all', () => {
    const race = (from: string): BlockEvent => ({
      ...test(from, { distance: 10_000 }),
      kind: 'tune-up-race',
    });
    expect(observed(tuneUpNearRace, placing(race('2027-04-08')))).toEqual([]);
    expect(observed(tuneUpNearRace, placing(race('2027-04-09')))).toEqual([
      { weeks: [17], value: 9, limit: 10 },
    ]);
    expect(observed(tuneUpNearRace, placing(test('2027-04-15')))).toEqual([]);
  });

  it('is the past once it has been run', () => {
    expect(observed(raceInThePast, laid)).toEqual([]);
    expect(observed(raceInThePast, laid, { today: '2027-04-18' })).toEqual([]);
    expect(observed(raceInThePast, laid, { today: '2027-04-20' })).toEqual([
      { weeks: [18], value: 2, limit: 0 },
    ]);
  });
});

describe('the quiet days before a marathon', () => {
  const EVE = '2027-04-17';
  const on = (date: string, part: Partial<Day>) =>
    observed(hardEffortNearRace, withDays(laid, { [date]: part })).map(
      ({ dates, level, value }) => ({
        date: dates?.[0],
        level,
        value,
      }),
    );

  /** Every key session before the taper with so many seconds of hard running. */
  const sessionsOf = (hardTime: number) =>
    Object.fromEntries(
      laid.weeks
        .slice(0, 15)
        .flatMap(({ days }) => days)
        .filter(({ role }) => role === 'quality')
        .map(({ date }) => [date, { hardTime }]),
    );

  it('are ten, as laid out without a word', () => {
    expect(observed(hardEffortNearRace, laid)).toEqual([]);
  });

  it('hold on the eve a shake-out of 35 minutes, or it is a stop', () => {
    expect(on(EVE, { time: 35 * 60 })).toEqual([]);
    expect(on(EVE, { time: 35 * 60 + 1 })).toEqual([{ date: EVE, level: 'stop', value: 1 }]);
    expect(on(EVE, { hardTime: 60 })).toEqual([{ date: EVE, level: 'stop', value: 1 }]);
    expect(on(EVE, { time: 0, hardTime: 60 })).toEqual([]);
  });

  it('hold no test or race, whatever its length, and count from ten days out', () => {
    expect(on('2027-04-09', { role: 'test' })).toMatchObject([{ value: 9, level: undefined }]);
    expect(on('2027-04-09', { role: 'tune-up' })).toMatchObject([{ value: 9 }]);
    expect(on('2027-04-08', { role: 'test' })).toEqual([]);
  });

  it('hold of hard running half a usual session at most', () => {
    const found = (hardTime: number) => {
      const days = { ...sessionsOf(1600), '2027-04-13': { hardTime } };
      return observed(hardEffortNearRace, withDays(laid, days));
    };
    expect(found(800)).toEqual([]);
    expect(found(801)).toMatchObject([{ value: 5 }]);
  });

  it('hold half of a session, not of a test, a hard long run or an easy day', () => {
    const on13 = { '2027-04-13': { hardTime: 12.5 * 60 + 1 } };
    // Sessions of ten minutes: then the last one’s own twelve and a half are the most.
    const short = sessionsOf(600);
    const found = (more: Record<string, Partial<Day>>) =>
      observed(hardEffortNearRace, withDays(laid, { ...short, ...more, ...on13 }));
    expect(found({})).toHaveLength(1);
    expect(found({ '2027-02-17': { role: 'test', hardTime: 90_000 } })).toHaveLength(1);
    expect(found({ '2027-02-21': { hardTime: 90_000 } })).toHaveLength(1);
    expect(found({ '2027-02-16': { hardTime: 90_000 } })).toEqual([]);
    // A quality day with nothing hard in it is no session, and makes none the shorter.
    const none = Object.fromEntries(Object.keys(short).map((date) => [date, { hardTime: 0 }]));
    const one = { ...none, '2027-02-16': { hardTime: 26 * 60 } };
    expect(observed(hardEffortNearRace, withDays(laid, { ...one, ...on13 }))).toEqual([]);
  });

  it('hold in the last six no run over two fifths of the longest, but for a session', () => {
    // Of 32 km 12.8: 13 km easy are over, 12.8 are not.
    const easy = (distance: number) => ({ role: 'easy' as const, distance, time: 60 * 60 });
    expect(on('2027-04-14', easy(12_800))).toEqual([]);
    expect(on('2027-04-14', easy(13_000))).toMatchObject([{ value: 4 }]);
    expect(on('2027-04-11', { ...easy(13_000), role: 'easy' })).toEqual([]);
    expect(on('2027-04-13', { ...easy(13_000), role: 'quality', hardTime: 60 })).toEqual([]);
    // What is that short in time is a shake-out all the same.
    expect(on('2027-04-14', { ...easy(13_000), time: 35 * 60 })).toEqual([]);
  });

  it('hold a last long run of its part of the longest', () => {
    const [over] = on('2027-04-11', { distance: 31_000 });
    expect(over).toMatchObject({ value: 7 });
    expect(on('2027-04-11', { distance: 19_000 })).toEqual([]);
  });
});
