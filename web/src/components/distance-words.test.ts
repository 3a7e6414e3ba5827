import { describe, expect, it } from 'vitest';
import { distanceWords } from './distance-words.js';

describe('a distance as it can be typed again', () => {
  it.each([
    [10_000, 'km', '10 km'],
    [1609, 'mi', '1 mi'],
    [7777, 'km', '7777 m'],
  ] as const)(
    'shows %i m to an athlete in %s as %s, which reads as the same',
    (metres, unit, words) => {
      expect(distanceWords(metres, unit)).toBe(words);
    },
  );
});
