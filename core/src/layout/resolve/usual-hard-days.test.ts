import { describe, expect, it } from 'vitest';
import type { Weekday } from '../../base/index.js';
import { usualLongRunDay, usualQualityDays } from './usual-hard-days.js';

const without =
  (...taken: Weekday[]) =>
  (day: Weekday) =>
    !taken.includes(day);

describe('the usual day of a long run', () => {
  it.each([
    [[], 'sunday'],
    [['sunday'], 'saturday'],
    [['saturday', 'sunday'], 'friday'],
    [['friday', 'saturday', 'sunday'], 'monday'],
  ] as const)('without %j: %s', (taken, day) => {
    expect(usualLongRunDay(without(...taken))).toBe(day);
  });

  it('is none where no day is free', () => {
    expect(usualLongRunDay(() => false)).toBeUndefined();
  });
});

describe('usual quality days', () => {
  it.each([
    ['two', 2, [], ['tuesday', 'friday']],
    ['Tuesday is taken', 2, ['tuesday'], ['wednesday', 'friday']],
    ['Friday is taken', 2, ['friday'], ['tuesday', 'thursday']],
    // No other pair has an easy day between: Wednesday by itself would follow a day off.
    ['both are taken', 2, ['tuesday', 'friday'], ['thursday']],
    ['Monday is taken: Tuesday would follow a day off', 2, ['monday'], ['wednesday', 'friday']],
    ['one', 1, [], ['tuesday']],
    ['one, Tuesday is taken', 1, ['tuesday'], ['thursday']],
    ['none is free', 2, ['tuesday', 'wednesday', 'thursday', 'friday'], []],
  ] as const)('%s', (_, count, taken, days) => {
    expect(usualQualityDays('sunday', count, without(...taken))).toEqual(days);
  });

  it('are counted from the long run: Saturday’s, and no Sunday', () => {
    expect(usualQualityDays('saturday', 2, without('sunday'))).toEqual(['tuesday', 'thursday']);
  });
});
