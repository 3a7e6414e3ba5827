import { describe, expect, it } from 'vitest';
import { formatClock, formatDay, formatDayAndMonth, timeToGo } from './dates.js';

describe('dates in words', () => {
  it('names days', () => {
    expect(formatDay('2027-04-18')).toBe('Sun 18 Apr 2027');
    expect(formatDayAndMonth('2027-02-01')).toBe('1 Feb');
  });

  it('shows the clock with midnight as 00, never 24', () => {
    const at = (hours: number, minutes: number) =>
      formatClock(new Date(2027, 1, 10, hours, minutes).toISOString());
    expect([at(9, 14), at(0, 5), at(21, 40)]).toEqual(['09:14', '00:05', '21:40']);
  });

  it.each([
    ['2027-02-10', '9 weeks 4 days'],
    ['2027-04-11', '1 week'],
    ['2027-04-17', '1 day'],
    ['2027-04-18', 'race day'],
    ['2027-04-21', '3 days ago'],
  ])('counts from %s: %s', (today, words) => {
    expect(timeToGo(today, '2027-04-18')).toBe(words);
  });
});
