import { describe, expect, it } from 'vitest';
import type { Weekday } from '../../base/index.js';
import type { CheckCode } from '../../checks/index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import { resolveSpec } from '../../layout/index.js';
import { suggestUses } from '../../sessions/library/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';
import { applyChange } from '../index.js';

const usual = resolveSpec(marathon);

/** The spec that a fix leaves, of the first finding of a check. */
function fixed(code: CheckCode, change: Partial<BlockSpec>, label: RegExp) {
  const block = layOut({ ...marathon, ...change });
  const finding = block.findings.find(({ check }) => check === code);
  if (!finding) throw new Error(`${code} is not found`);
  const fixes = fixesOf(block, finding);
  expect(fixes.map((each) => each.label)).toContainEqual(expect.stringMatching(label));
  const fix = fixes.find((each) => label.test(each.label));
  return applyChange(block.spec, fix?.change ?? {});
}

describe('what a fix changes of a block', () => {
  it('runs easy slower by whole seconds, and leaves every other pace', () => {
    const table = usual.paces.table.map((pace): NamedPace =>
      pace.id === 'easy' ? { ...pace, offset: [20, 40] } : pace,
    );
    const after = fixed(
      'easy-pace-too-fast',
      { paces: { ...usual.paces, table } },
      /^Run easy \d+ s\/km slower$/,
    ).paces.table;
    const others = ({ id }: { id: string }) => id !== 'easy';
    expect(after.filter(others)).toEqual(table.filter(others));
    const [quick = 0, slow = 0] = after.find(({ id }) => id === 'easy')?.offset ?? [];
    expect(quick).toBeGreaterThan(20);
    expect(slow - quick).toBe(20);
  });

  it('keeps the sessions of other phases where it takes the usual ones of the speed phase', () => {
    const own = suggestUses(42_195, usual.engine).filter(({ phase }) => phase !== 'speed');
    const { sessions } = fixed(
      'too-little-hard',
      { sessions: own },
      /^Take the usual sessions of the speed phase$/,
    );
    expect(sessions.filter(({ phase }) => phase !== 'speed')).toEqual(own);
    expect(sessions.filter(({ phase }) => phase === 'speed').length).toBeGreaterThan(0);
  });

  it('keeps every week of a junior to the house rule, figures under it as they were', () => {
    const pins = [
      { week: 6, volume: 70_000 },
      { week: 9, volume: 58_000, longRun: 18_000 },
    ];
    const junior = { athlete: { ...marathon.athlete, birthYear: 2010 }, pins };
    const after = fixed('under-18-week', junior, /^Keep every week to 60 km$/);
    expect(after.pins).toEqual([{ week: 6, volume: 60_000 }, pins[1]]);
    expect(after.volume).toMatchObject({ start: 55_000, peak: 60_000 });
    expect(after.longRun).toMatchObject({ start: 19_000, peak: 32_000 });
  });

  it('takes out the test of that recovery week, and no other event', () => {
    // Week 4 recovers: 4 to 10 January.
    const test = (name: string, from: string) =>
      ({ kind: 'test', name, from, distance: 5000 }) as const;
    const on = (from: string) =>
      fixed(
        'recovery-has-hard-day',
        { events: [test('Early', '2026-12-31'), test('Mid', from), test('Late', '2027-02-23')] },
        /^Remove Mid$/,
      ).events.map(({ name }) => name);
    expect(on('2027-01-05')).toEqual(['Early', 'Late']);
  });

  it('places as many tests as a block is missing, at the ends of recovery weeks', () => {
    // Weeks 8 and 12 recover: from 1 February and from 1 March. Of twelve weeks one test is enough.
    const names = (events: ReturnType<typeof fixed>['events']) =>
      events.map(({ name, from }) => `${name} ${from}`);
    const long = fixed('test-missing', {}, /^Place tests on Sat 6 Feb and Sat 6 Mar$/);
    expect(names(long.events)).toEqual(['Time trial 2027-02-06', 'Time trial 2027-03-06']);
    const short = fixed('test-missing', { weeks: 12 }, /^Place a test on Sat \d+ (Feb|Mar)$/);
    expect(names(short.events)).toHaveLength(1);
  });

  it('takes out the late test, and leaves the one in time', () => {
    const test = (name: string, from: string) =>
      ({ kind: 'test', name, from, distance: 5000 }) as const;
    const events = [test('Mid', '2027-02-20'), test('Last', '2027-04-11')];
    const after = fixed('test-too-late', { events }, /^Remove Last$/);
    expect(after.events.map(({ name }) => name)).toEqual(['Mid']);
  });

  it('runs the days easy whose session was dropped, with strides, and no other', () => {
    const small: Partial<BlockSpec> = {
      athlete: { ...marathon.athlete, recentWeeks: [22_000, 22_000, 22_000, 22_000] },
      weeks: 12,
      volume: {},
      longRun: {},
      week: { runDays: 5 },
    };
    const block = layOut({ ...marathon, ...small });
    const found = block.findings.find(({ check }) => check === 'session-dropped');
    const empty = (found?.weeks ?? [])
      .flatMap((number) => block.weeks[number - 1]?.days ?? [])
      .filter(({ role, sessions }) => role === 'quality' && !sessions.some(({ family }) => family));
    const { days } = fixed('session-dropped', small, /^Run those days easy, with strides$/);
    expect(days).toEqual(empty.map(({ date }) => ({ date, role: 'easy', addOn: 'strides' })));
    expect(days.length).toBeGreaterThan(0);
  });

  it('rests on one weekday of a monotonous week, and leaves its other days as they were fixed', () => {
    const days = [22, 23, 24, 25, 26, 27].map((on) => ({ date: `2027-02-${on}`, amount: 12_000 }));
    const after = fixed(
      'monotony',
      {
        week: { ...marathon.week, runDays: 7, restOn: [], qualityOn: [] },
        days,
        overrides: { values: { 'week.mostMonotony': 1.74 } },
      },
      /^Rest on Tuesdays of these weeks$/,
    );
    expect(after.days.find(({ date }) => date === '2027-02-23')).toMatchObject({ role: 'rest' });
    expect(after.days.filter(({ date }) => date !== '2027-02-23')).toEqual([
      days[0],
      ...days.slice(2),
    ]);
  });

  it('swaps the roles of two days both ways', () => {
    const { days } = fixed(
      'hard-days-adjacent',
      { days: [{ date: '2026-12-16', role: 'quality' }] },
      /^Swap Wed 16 Dec and Fri 18 Dec$/,
    );
    expect(days).toEqual([
      { date: '2026-12-16', role: 'easy' },
      { date: '2026-12-18', role: 'quality' },
    ]);
  });

  it('asks a written week for the quality days it holds, the first of those that were written', () => {
    const roles = ['easy', 'quality', 'easy', 'quality', 'rest', 'quality', 'long'] as const;
    const { week } = fixed(
      'wish-not-kept',
      { week: { days: roles.map((role) => ({ role })) } },
      /^Ask for 2 quality days$/,
    );
    expect(week.days?.map(({ role }) => role)).toEqual(roles.with(5, 'easy'));
  });

  it('runs one day easy where a week of the young holds one hard day too many', () => {
    const days = ['16', '18', '20'].map(
      (on) => ({ date: `2027-02-${on}`, role: 'quality' }) as const,
    );
    const young = {
      athlete: { ...marathon.athlete, birthYear: 2010 },
      race: { name: 'Pier Five', date: '2027-04-18', distance: 5000 },
      volume: { start: 40_000, peak: 50_000 },
      longRun: {},
      week: { runDays: 6, qualityOn: ['tuesday', 'thursday', 'saturday'] as Weekday[] },
      days,
    };
    const { days: left } = fixed('under-18-hard-days', young, /^Reset Tue 16 Feb$/);
    expect(left).toEqual(days.slice(1));
  });
});
