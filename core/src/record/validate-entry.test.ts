import { describe, expect, it } from 'vitest';
import { type RunEntry, validateEntry } from './index.js';

const TODAY = '2027-02-10';
const run: RunEntry = { date: '2027-02-10', place: 0, kind: 'run', distance: 10_000, time: 3000 };
const codes = (entry: Partial<RunEntry>) =>
  validateEntry({ ...run, ...entry }, TODAY).map(({ code, path }) => [code, path]);

describe('an entry', () => {
  it('may be of today, and never of a day to come', () => {
    expect(codes({})).toEqual([]);
    expect(codes({ date: '2027-02-11' })).toEqual([['entry-in-the-future', ['date']]]);
  });

  // 10 m/s: 100 m in 10 s is the edge of what is run; 10 km in 1000 s stands on it.
  it('has a speed that its kind can have', () => {
    expect(codes({ time: 1000 })).toEqual([]);
    expect(codes({ time: 999 })).toEqual([['entry-speed', ['time']]]);
    expect(codes({ kind: 'bike', time: 999 })).toEqual([]);
    expect(codes({ kind: 'bike', time: 399 })).toEqual([['entry-speed', ['time']]]);
    expect(codes({ distance: 100, time: 1000 })).toEqual([]);
    expect(codes({ distance: 99, time: 1000 })).toEqual([['entry-speed', ['time']]]);
    expect(codes({ kind: 'strength', distance: undefined, time: 99_999 })).toEqual([]);
  });

  it('was run or missed, never both', () => {
    const missed = { kind: 'missed', distance: undefined, time: undefined } as const;
    expect(codes({ ...missed, reason: 'ill' })).toEqual([]);
    expect(codes({ ...missed, heart: 140 })).toEqual([['missed-and-run', ['heart']]]);
    expect(codes({ reason: 'ill' })).toEqual([['run-and-missed', ['reason']]]);
  });
});
