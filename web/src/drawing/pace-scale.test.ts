import { describe, expect, it } from 'vitest';
import { paceScale } from './pace-scale.js';

describe('the scale of paces', () => {
  it('is there even with nothing to show', () => {
    expect(paceScale([], 200, 1000).ticks.length).toBeGreaterThan(0);
  });

  it('goes from slow at the left to quick at the right, within the drawing', () => {
    const { x } = paceScale([{ quick: 210, slow: 400 }], 200, 1000);
    expect(x(400)).toBeLessThan(x(210));
    expect(x(400)).toBeGreaterThanOrEqual(8);
    expect(x(210)).toBeLessThanOrEqual(192);
  });

  it('has a few ticks at whole minutes of the unit', () => {
    const { ticks } = paceScale([{ quick: 150, slow: 500 }], 200, 1609.344);
    expect(ticks.length).toBeLessThanOrEqual(5);
    expect(ticks.every(({ seconds }) => seconds % 60 === 0)).toBe(true);
    const km = paceScale([{ quick: 210, slow: 400 }], 200, 1000);
    expect(km.ticks.map(({ seconds }) => seconds)).toEqual([240, 300, 360]);
  });
});
