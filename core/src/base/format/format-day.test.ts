import { expect, it } from 'vitest';
import { daySpan } from './index.js';

it('days from one to another name a month once', () => {
  expect(daySpan('2027-03-01', '2027-03-07')).toBe('1–7 Mar');
  expect(daySpan('2027-03-29', '2027-04-04')).toBe('29 Mar–4 Apr');
  expect(daySpan('2026-03-29', '2027-03-29')).toBe('29 Mar–29 Mar');
  expect(daySpan('2027-03-29', '2027-03-29')).toBe('29 Mar');
});
