import { describe, expect, it } from 'vitest';
import { civilOf, dateOf, readDate, readFirstDate } from './read-date.js';

const near = '2027-02-10';

describe('a day that is typed', () => {
  it.each([
    ['9 5', '2027-05-09'],
    ['9.5.', '2027-05-09'],
    ['09/05', '2027-05-09'],
    ['9 May', '2027-05-09'],
    ['9 may 2028', '2028-05-09'],
    ['9.5.28', '2028-05-09'],
    ['Sun 9 May 2027', '2027-05-09'],
    ['sunday 9 May', '2027-05-09'],
    ['2027-05-09', '2027-05-09'],
    ['29 2 2028', '2028-02-29'],
    ['May 9', '2027-05-09'],
    ['March 1, 2027', '2027-03-01'],
    ['Monday, March 1st', '2027-03-01'],
    ['the 9th of May 2028', '2028-05-09'],
    ['22nd Sept 2027', '2027-09-22'],
    ['3rd Aug', '2027-08-03'],
  ])('%s is %s', (text, date) => {
    expect(readDate(text, near)).toBe(date);
  });

  it('of a week is its first', () => {
    for (const text of [
      '1-7 Mar',
      '1 – 7 March 2027',
      '1 Mar - 7 Mar',
      '1st–7th March',
      '1/3 – 7/3',
      'Mon 1 to 7 Mar',
    ])
      expect([text, readFirstDate(text, near)]).toEqual([text, '2027-03-01']);
    expect(readFirstDate('29 Mar–4 Apr', near)).toBe('2027-03-29');
    for (const text of [
      'w/c 1 March',
      'W/C: 01/03/2027',
      'Week commencing 1st March',
      'wc 1–7 Mar',
    ])
      expect([text, readFirstDate(text, near)]).toEqual([text, '2027-03-01']);
    expect(readFirstDate('2027-03-01', near)).toBe('2027-03-01');
    expect(readFirstDate('8-10 easy', near)).toBeUndefined();
    expect(readFirstDate('8-10', near)).toBeUndefined();
  });

  it('without a year is the next one, or was lately', () => {
    expect(readDate('1 2', near)).toBe('2027-02-01');
    expect(readDate('1 11', near)).toBe('2027-11-01');
    expect(readDate('1 11', '2027-12-20')).toBe('2027-11-01');
    expect(readDate('1 3', '2027-12-20')).toBe('2028-03-01');
  });

  it.each(['', '9', '32 5', '29 2 2027', 'soon', '9 5 2 1'])('“%s” is no day yet', (text) => {
    expect(readDate(text, near)).toBeUndefined();
  });

  it('goes to the calendar and back without a shift', () => {
    expect(civilOf(dateOf('2027-03-28'))).toBe('2027-03-28');
    expect(civilOf(dateOf('2027-10-31'))).toBe('2027-10-31');
  });
});
