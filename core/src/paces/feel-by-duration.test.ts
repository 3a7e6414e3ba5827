import { describe, expect, it } from 'vitest';
import { defaultHouseRules } from '../rules/index.js';
import { resolveSpec } from '../layout/index.js';
import { marathon } from '../testing/examples.js';
import { feelByDuration } from './feel-by-duration.js';
import { pacesOn } from './paces-on.js';

/** A row of the table of an athlete with one result over 10 km. */
function row(id: string, time: number | undefined, table?: { effort: string }) {
  const results = time === undefined ? [] : [{ date: '2026-12-01', distance: 10_000, time }];
  const race = { ...marathon.race, goalTime: undefined };
  const athlete = { ...marathon.athlete, results };
  const spec = resolveSpec({ ...marathon, race, athlete });
  const own = spec.paces.table.map((pace) => (pace.id === id ? { ...pace, ...table } : pace));
  const subject = { ...spec, paces: { ...spec.paces, table: own } };
  return pacesOn(subject, defaultHouseRules, '2026-12-14').rows.find(({ pace }) => pace.id === id);
}

describe('how a pace feels', () => {
  it('goes by how long it can be held', () => {
    expect(feelByDuration(3600)).toEqual({
      effort: 'Comfortably hard: just short of strain.',
      talk: 'A few words.',
    });
    expect(feelByDuration(100).talk).toBe('Nothing.');
    expect(feelByDuration(20_000).effort).toBe('Steady work that lasts.');
  });

  it('is another for 10 km in half an hour than in an hour and a quarter', () => {
    expect(row('10-km', 1800)?.talk).toBe('A word or two.');
    expect(row('10-km', 4600)?.talk).toBe('A phrase at a time.');
    expect(row('10-km', 4600)?.effort).toBe('Firm.');
  });

  it('is as the coach wrote it, and of easy paces as the table has it', () => {
    expect(row('10-km', 4600, { effort: 'Like home.' })?.effort).toBe('Like home.');
    expect(row('easy', 4600)?.talk).toBe('Whole stories.');
  });
});

describe('paces of which nothing is known', () => {
  it('are a guess for easy running, marked as one, and none for what is quicker', () => {
    // 55 km a week and more: 335 s/km, and 40 slower in a recovery week.
    expect(row('easy', undefined)).toMatchObject({ used: { quick: 335, slow: 335 }, holds: false });
    expect(row('recovery', undefined)).toMatchObject({ used: { quick: 375 }, holds: false });
    expect(row('10-km', undefined)?.used).toBeUndefined();
  });
});
