import { describe, expect, it } from 'vitest';
import { afterRace } from './after-race.js';
import { defaultHouseRules } from './house-rules.js';

describe('after a goal race', () => {
  // 14 Feb and 14 days are 28 Feb; 16 weeks are 112 days: 6 June.
  it('a marathon asks for two quiet weeks, and sixteen to the next', () => {
    expect(afterRace(defaultHouseRules, { date: '2027-02-14', distance: 42_195 })).toEqual({
      quietDays: 14,
      quietUntil: '2027-02-28',
      weeksToNext: 16,
      nextFrom: '2027-06-06',
    });
  });

  it('5 km ask for two quiet days, and five weeks', () => {
    expect(afterRace(defaultHouseRules, { date: '2027-01-31', distance: 5000 })).toMatchObject({
      quietUntil: '2027-02-02',
      nextFrom: '2027-03-07',
    });
  });
});
