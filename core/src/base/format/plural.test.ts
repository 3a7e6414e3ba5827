import { describe, expect, it } from 'vitest';
import { plural, weeksText } from './plural.js';

describe('plural', () => {
  it.each([
    [0, '0 weeks'],
    [1, '1 week'],
    [2, '2 weeks'],
  ])('counts %i', (count, words) => {
    expect(plural(count, 'week')).toBe(words);
  });
});

describe('a span in weeks', () => {
  it.each([
    [12, '12 weeks'],
    [1, '1 week'],
    [87 / 7, '12 weeks 3 days'],
    [8 / 7, '1 week 1 day'],
  ])('says %f weeks to the day', (weeks, words) => {
    expect(weeksText(weeks)).toBe(words);
  });
});
