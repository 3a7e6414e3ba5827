import { describe, expect, it } from 'vitest';
import { sharesApart } from './apart.js';

describe('two shares', () => {
  it.each([
    [0.052, 0.06, '5%', '6%'],
    [0.056, 0.06, '5.6%', '6%'],
    [0.0599, 0.06, '5.9%', '6%'],
    [0.0601, 0.06, '6.1%', '6%'],
    [0.061, 0.064, '6.1%', '6.4%'],
    [-0.2, 0.45, '-20%', '45%'],
  ])('%d and %d are never said alike', (value, limit, ...said) => {
    const { value: one, limit: other } = sharesApart({ value, limit });
    expect([one, other]).toEqual(said);
  });
});
