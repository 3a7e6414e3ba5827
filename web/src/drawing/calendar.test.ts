import { describe, expect, it } from 'vitest';
import { calendarOf } from './calendar.js';

describe('a calendar for many blocks', () => {
  it('is none where there is nothing to hold', () => {
    expect(calendarOf([], 400)).toBeUndefined();
  });

  it('runs from the first start to the last race, a day as wide as the next', () => {
    const calendar = calendarOf(
      [
        { from: '2027-01-04', to: '2027-03-14' },
        { from: '2026-12-14', to: '2027-01-31' },
      ],
      // 91 days from 14 December to 14 March.
      910,
    );
    expect(calendar?.x('2026-12-14')).toBe(0);
    expect(calendar?.x('2027-01-04')).toBe(210);
    expect(calendar?.x('2027-03-14')).toBe(900);
    expect(calendar?.months).toEqual([
      { x: 180, name: 'Jan' },
      { x: 490, name: 'Feb' },
      { x: 770, name: 'Mar' },
    ]);
  });
});
