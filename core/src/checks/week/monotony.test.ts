import { describe, expect, it } from 'vitest';
import { monotonyOf } from '../../layout/index.js';

describe('monotony', () => {
  it('hand-worked: 2, 4, 4, 4, 5, 5, 7 and 9 have a mean of 5 and a deviation of 2', () => {
    expect(monotonyOf([2, 4, 4, 4, 5, 5, 7, 9])).toBeCloseTo(2.5, 9);
  });

  it('is nothing for a week of nothing, and ten for days all alike', () => {
    expect(monotonyOf([0, 0, 0])).toBe(0);
    expect(monotonyOf([300, 300, 300])).toBe(10);
  });
});
