import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addDays,
  differenceInDays,
  fromDayNumber,
  isCivilDate,
  toDayNumber,
} from './civil-date.js';
import { daysUntilWeekday, shiftWeekday, weekdayOf, weekdays } from './weekday.js';
import { calendarWeeks, countBack, countWeeks, startOfWeek } from './weeks.js';

const anyDay = fc.integer({ min: toDayNumber('1970-01-01'), max: toDayNumber('2199-12-31') });

describe('civil dates', () => {
  it.each([
    ['2027-02-28', true],
    ['2027-02-29', false],
    ['2028-02-29', true],
    ['2100-02-29', false],
    ['2000-02-29', true],
    ['2027-13-01', false],
    ['2027-4-18', false],
    ['', false],
    ['2027-04-18T00:00', false],
  ])('%s exists: %s', (text, exists) => {
    expect(isCivilDate(text)).toBe(exists);
  });

  it('steps over leap days and year ends', () => {
    expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
    expect(addDays('2027-02-28', 1)).toBe('2027-03-01');
    expect(addDays('2027-01-01', -1)).toBe('2026-12-31');
    expect(differenceInDays('2028-03-01', '2028-02-01')).toBe(29);
  });

  it('keeps every day through a round trip', () => {
    fc.assert(fc.property(anyDay, (day) => toDayNumber(fromDayNumber(day)) === day));
  });
});

describe('weekdays', () => {
  it('knows what day it is', () => {
    expect(weekdayOf('1970-01-01')).toBe('thursday');
    expect(weekdayOf('2027-04-18')).toBe('sunday');
    expect(weekdayOf('1969-12-29')).toBe('monday');
  });

  it('counts forward to the next weekday', () => {
    expect(daysUntilWeekday('saturday', 'monday')).toBe(2);
    expect(daysUntilWeekday('monday', 'monday')).toBe(0);
    expect(shiftWeekday('monday', -1)).toBe('sunday');
  });
});

describe('counting back', () => {
  it('puts race day into week N', () => {
    expect(countBack('2027-04-18', 18, 'monday')).toBe('2026-12-14');
    expect(countWeeks('2026-12-14', '2027-04-18', 'monday')).toBe(18);
  });

  it('follows the coach’s first weekday: a Sunday race opens a Sunday week', () => {
    expect(startOfWeek('2027-04-18', 'sunday')).toBe('2027-04-18');
    expect(countBack('2027-04-18', 2, 'sunday')).toBe('2027-04-11');
  });

  it('numbers weeks, counts them to go, and shortens the first for a fixed start', () => {
    const weeks = calendarWeeks('2026-12-17', 3, 'monday');
    expect(weeks).toEqual([
      { number: 1, toGo: 2, start: '2026-12-17', length: 4 },
      { number: 2, toGo: 1, start: '2026-12-21', length: 7 },
      { number: 3, toGo: 0, start: '2026-12-28', length: 7 },
    ]);
  });

  it('holds race day in its last week, whatever the date and first weekday', () => {
    const weekday = fc.constantFrom(...weekdays);
    fc.assert(
      fc.property(anyDay, fc.integer({ min: 4, max: 30 }), weekday, (day, length, first) => {
        const race = fromDayNumber(day);
        const last = calendarWeeks(countBack(race, length, first), length, first).at(-1);
        const into = differenceInDays(race, last?.start ?? '');
        expect(into).toBeGreaterThanOrEqual(0);
        expect(into).toBeLessThan(7);
      }),
    );
  });
});
