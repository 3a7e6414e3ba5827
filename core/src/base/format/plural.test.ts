import { describe, expect, it } from 'vitest';
import { plural } from './plural.js';

describe('plural', () => {
  it.each([
    [0, '0 weeks'],
    [1, '1 week'],
    [2, '2 weeks'],
  ])('counts %i', (count, words) => {
    expect(plural(count, 'week')).toBe(words);
  });
});
