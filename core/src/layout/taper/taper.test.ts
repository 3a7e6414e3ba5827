import { describe, expect, it } from 'vitest';
import { taperSchoolNames } from '../../spec/choices/index.js';
import { taperSchools } from '../schools/index.js';
import { calendarWeeks, countBack } from '../../base/index.js';
import { defaultHouseRules, raceRules } from '../../rules/index.js';
import { taperShares } from './taper-weeks.js';

const sunday = '2027-04-18';
const race = (distance: number) => raceRules(defaultHouseRules, distance);
const weeksTo = (date: string, weeks: number) =>
  calendarWeeks(countBack(date, weeks, 'monday'), weeks, 'monday');

describe('three steps', () => {
  it('before a Sunday marathon: a week at −10, one at −27.5 and six days at −50%', () => {
    const shares = taperShares(weeksTo(sunday, 16), sunday, race(42_195), {
      school: 'three-steps',
    });
    expect(shares.slice(-4).map(({ week }) => Number(week.toFixed(4)))).toEqual([
      1, 0.9, 0.725, 0.4286,
    ]);
    expect(shares.at(-1)?.days).toEqual([0.5, 0.5, 0.5, 0.5, 0.5, 0.5, 0]);
  });

  it('before a 10 km: two days at 90%, two at 72.5%, six at 50%', () => {
    const shares = taperShares(weeksTo(sunday, 12), sunday, race(10_000), {
      school: 'three-steps',
    });
    expect(shares.at(-2)?.days).toEqual([1, 1, 1, 0.9, 0.9, 0.725, 0.725]);
    expect(shares.at(-2)?.week).toBeCloseTo((3 + 2 * 0.9 + 2 * 0.725) / 7, 9);
    expect(shares.at(-1)?.week).toBeCloseTo(3 / 7, 9);
  });

  it('counts only the days before a Wednesday race', () => {
    const wednesday = '2027-04-14';
    const shares = taperShares(weeksTo(wednesday, 16), wednesday, race(42_195), {
      school: 'three-steps',
    });
    expect(shares.at(-1)?.week).toBeCloseTo((2 * 0.5) / 7, 9);
    // And the last four days of the week before.
    expect(shares.at(-2)?.days).toEqual([0.725, 0.725, 0.725, 0.5, 0.5, 0.5, 0.5]);
  });

  it('takes half of a short block at most', () => {
    const shares = taperShares(weeksTo(sunday, 4), sunday, race(42_195), {
      school: 'three-steps',
    });
    expect(shares.slice(0, 2).map(({ week }) => week)).toEqual([1, 1]);
    expect(shares[2]?.week).toBeCloseTo(0.725, 9);
  });
});

describe('a depth of the coach’s own', () => {
  it('hand-worked: −60 for −50% on the last days scales every cut by 1.2', () => {
    const shares = taperShares(weeksTo(sunday, 16), sunday, race(42_195), {
      school: 'three-steps',
      depth: 0.6,
    });
    const cuts = shares.slice(-4).map(({ days: [first = 0] }) => Number((1 - first).toFixed(4)));
    expect(cuts).toEqual([0, 0.12, 0.33, 0.6]);
  });
});

describe('the exponential taper', () => {
  it('has a mean of half the heaviest volume over its 13 days', () => {
    const marathon = race(42_195);
    const days = Array.from({ length: 13 }, (_, day) =>
      taperSchools.evidence.share(day + 1, marathon),
    );
    const mean = days.reduce((total, share) => total + share, 0) / 13;
    expect(mean).toBeCloseTo(0.5, 2);
    expect(taperSchools.evidence.share(14, marathon)).toBe(1);
  });

  it('is shorter for shorter races', () => {
    expect(taperSchools.evidence.share(10, race(5000))).toBeLessThan(1);
    expect(taperSchools.evidence.share(11, race(5000))).toBe(1);
  });
});

it.each(taperSchoolNames)('%s only ever goes down', (name) => {
  for (const distance of [1500, 5000, 10_000, 21_097, 42_195]) {
    const share = (days: number) => taperSchools[name].share(days, race(distance));
    for (let days = 1; days < 30; days++) {
      expect(share(days)).toBeLessThanOrEqual(share(days + 1));
      expect(share(days)).toBeGreaterThan(0);
    }
  }
});
