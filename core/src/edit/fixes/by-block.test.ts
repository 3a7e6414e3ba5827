import { describe, expect, it } from 'vitest';
import type { Weekday } from '../../base/index.js';
import type { CheckCode } from '../../checks/index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import { resolveSpec } from '../../layout/index.js';
import { suggestUses } from '../../sessions/index.js';
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
