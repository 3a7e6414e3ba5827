import { describe, expect, it } from 'vitest';
import type { PatternDay } from '../../spec/days/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { issuesOfFamilies, startingFamilies } from '../../sessions/library/index.js';
import { marathon } from '../../testing/examples.js';
import { validateSpec } from './validate.js';

const found = (change: Partial<BlockSpec>) =>
  validateSpec({ ...marathon, ...change }).map(({ code, path }) => [code, path.join('.')]);
const all = (role: PatternDay['role'], length: number) =>
  Array.from({ length }, (): PatternDay => ({ role }));
const first = startingFamilies[0]!;

describe('a day beyond anyone', () => {
  const said = (athlete: BlockSpec['athlete'], amount: number) =>
    validateSpec({ ...marathon, athlete, days: [{ date: '2027-01-20', amount }] }).map(
      ({ message }) => message,
    );

  it('is said with its date, what it has and the most, in the unit of the athlete', () => {
    expect(said({}, 120_000)).toEqual([
      '120 km on Wed 20 Jan 2027 is beyond anyone; 100 km is the most.',
    ]);
    expect(said({ basis: 'time' }, 45_000)).toEqual([
      '750 min on Wed 20 Jan 2027 is beyond anyone; 600 min is the most.',
    ]);
    expect(said({}, 100_000)).toEqual([]);
  });
});

describe('days that cannot be laid out', () => {
  it.each<[string, Partial<BlockSpec>, string, string]>([
    [
      'outside the block',
      { days: [{ date: '2026-12-13', role: 'rest' }] },
      'day-outside-block',
      'days.0.date',
    ],
    [
      'fixed twice',
      {
        days: [
          { date: '2027-01-20', role: 'rest' },
          { date: '2027-01-20', role: 'easy' },
        ],
      },
      'day-twice',
      'days.1.date',
    ],
    [
      'beyond anyone',
      { days: [{ date: '2027-01-20', amount: 120_000 }] },
      'amount-out-of-range',
      'days.0.amount',
    ],
    [
      'with a first run as long as the day',
      { days: [{ date: '2027-01-20', amount: 8000, firstRun: 8000 }] },
      'first-run',
      'days.0.firstRun',
    ],
    [
      'with two runs and a session',
      { days: [{ date: '2027-01-20', amount: 8000, firstRun: 3000, session: '8 km easy' }] },
      'first-run',
      'days.0.firstRun',
    ],
    [
      'with a session of ten thousand characters',
      { days: [{ date: '2027-01-20', session: 'x'.repeat(10_000) }] },
      'session-unreadable',
      'days.0.session',
    ],
    [
      'with a rest below nothing',
      { days: [{ date: '2027-01-20', session: '6 x 400 m, -60 s jog' }] },
      'session-unreadable',
      'days.0.session',
    ],
    [
      'with two long runs in a week',
      {
        days: [
          { date: '2027-01-20', role: 'long' },
          { date: '2027-01-22', role: 'long' },
        ],
      },
      'two-long-runs',
      'days.1.role',
    ],
    ['in a cycle of eight', { week: { days: all('easy', 8) } }, 'cycle-length', 'week.days'],
    ['with no day run', { week: { days: all('rest', 7) } }, 'no-run-day', 'week.days'],
    [
      'with more long runs than weeks',
      { week: { days: all('long', 7) } },
      'two-long-runs',
      'week.days',
    ],
    [
      'with a family nobody can read',
      { sessions: [{ phase: 'speed', place: 1, family: { ...first, start: '6 x ?' } }] },
      'session-unreadable',
      'sessions.0.family.start',
    ],
  ])('%s', (_, change, code, path) => {
    expect(found(change)).toContainEqual([code, path]);
  });

  it('are none of those that can', () => {
    const days = [{ date: '2027-01-20', session: '8 km steady' }];
    expect(found({ days, week: { days: [...all('easy', 6), { role: 'long' }] } })).toEqual([]);
  });
});

describe('a library', () => {
  it('has every name and every id once, and reads', () => {
    expect(issuesOfFamilies([first])).toEqual([]);
    const twice = issuesOfFamilies([first, { ...first, name: first.name.toUpperCase() }]);
    expect(twice.map(({ code }) => code)).toEqual(['name-twice', 'id-twice']);
    expect(issuesOfFamilies([{ ...first, start: '' }])[0]?.path).toEqual([0, 'start']);
  });
});
