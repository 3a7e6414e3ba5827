import { describe, expect, it } from 'vitest';
import { sessionOf } from '../shorthand/parse-session.js';
import { isUphill } from './uphill.js';

describe('what is run uphill', () => {
  it.each([
    ['8 x 200 m @ mile uphill, jog back', true],
    ['2 x (4 x 60 s @ 5-km uphill, 60 s jog)', true],
    ['1-2-3 min @ 10-km uphill', true],
    ['3 km @ threshold; 4 x 8 s @ mile uphill', true],
    ['8 x 200 m @ mile, jog back', false],
    ['2 x (4 x 60 s @ 5-km, 60 s jog)', false],
    ['6 km @ threshold [not uphill]', false],
    ['10 min drills', false],
  ])('%s: %s', (text, uphill) => {
    expect(isUphill(sessionOf(text)?.parts ?? [])).toBe(uphill);
  });
});
