import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sum } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { resolveSpec } from '../resolve/resolve.js';
import { placeDays } from '../week/place-days.js';
import { shareOut } from './share-out.js';

const pattern = (week: object, unavailable: string[] = []) =>
  placeDays(
    resolveSpec({
      ...marathon,
      athlete: { ...marathon.athlete, unavailable: unavailable as [] },
      week: { ...marathon.week, ...week },
    }),
  );

describe('sharing out', () => {
  const limits = { least: 3000, most: Infinity, step: 1000 };

  it('gives nothing for nothing', () => {
    expect(shareOut(0, [1, 1], limits)).toEqual([0, 0]);
    expect(shareOut(5000, [], limits)).toEqual([]);
  });

  it('hand-worked: 36 km by 1, 1.15, 1, 1, 0.75 are 7.3, 8.4, 7.3, 7.3, 5.5', () => {
    expect(shareOut(36_000, [1, 1.15, 1, 1, 0.75], limits)).toEqual([7000, 9000, 7000, 7000, 6000]);
  });

  it('drops the lightest runs that would be too short to be worth it', () => {
    expect(shareOut(7000, [1, 1.15, 0.75], limits)).toEqual([3000, 4000, 0]);
  });

  it('keeps runs under the most while the total lets it', () => {
    expect(shareOut(20_000, [3, 1], { ...limits, most: 12_000 })).toEqual([12_000, 8000]);
    expect(shareOut(30_000, [3, 1], { ...limits, most: 12_000 })).toEqual([15_000, 15_000]);
  });

  it('always adds up to the metre', () => {
    const weights = fc.array(fc.constantFrom(0.75, 1, 1.15), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 150_000 }), weights, (total, runs) => {
        expect(sum(shareOut(total, runs, { ...limits, most: 17_000 }))).toBeCloseTo(total, 6);
      }),
    );
  });
});

describe('fitting the coach’s week', () => {
  it('rests after hard days rather than before them', () => {
    // Hard on Tuesday, Friday and Sunday: Wednesday and Saturday, which follow, and Monday rest first.
    expect(pattern({ runDays: 5, restOn: [] }).runOn).toEqual([
      'monday',
      'tuesday',
      'thursday',
      'friday',
      'sunday',
    ]);
    expect(pattern({ runDays: 6, restOn: ['thursday'] }).runOn).not.toContain('thursday');
  });

  it('moves a quality day off a day away when an easy day stays between', () => {
    const { qualityOn } = pattern({ qualityOn: ['tuesday', 'friday'], restOn: [] }, ['tuesday']);
    expect(qualityOn).toEqual(['wednesday', 'friday']);
  });

  it('leaves it out when none would', () => {
    const { qualityOn } = pattern({ qualityOn: ['tuesday', 'friday'] }, ['friday']);
    expect(qualityOn).toEqual(['tuesday']);
  });

  it('moves the long run off a day away', () => {
    expect(pattern({}, ['sunday']).longRunOn).toBe('saturday');
  });
});

describe('a laid-out week', () => {
  const { weeks } = layOut(marathon);

  // 13 minutes on at 243 s/km and 12 off at 372 s/km are 5.1 km; with 2 km either side, 10 whole ones.
  it('hand-worked week 1: 55 km with 19 long and a session of 10 leave 26 for four runs', () => {
    expect(weeks[0]?.days.map(({ role, distance }) => `${role} ${distance / 1000}`)).toEqual([
      'easy 7',
      'quality 10',
      'easy 7',
      'rest 0',
      'easy 7',
      'short-easy 5',
      'long 19',
    ]);
  });

  it('gives the estimate of the other quantity at easy pace: 7 km at 335 s/km', () => {
    expect(weeks[0]?.days[0]?.time).toBe(2345);
  });

  it('has nothing hard in a recovery week, and the same run days', () => {
    expect(weeks[3]).toMatchObject({ recovery: true, hardDays: 0, runDays: 6 });
  });

  it('has nothing hard within two days of the race', () => {
    const raceWeek = weeks.at(-1)?.days.map(({ role }) => role);
    expect(raceWeek).toEqual(['easy', 'quality', 'easy', 'easy', 'rest', 'short-easy', 'race']);
  });
});
