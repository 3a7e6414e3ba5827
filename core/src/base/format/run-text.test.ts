import { expect, it } from 'vitest';
import { differenceText, runText } from './index.js';

it('what was run has a tenth where there is one', () => {
  expect([8, 8.2, 0.1 + 0.2].map(runText)).toEqual(['8', '8.2', '0.3']);
});

it('a difference carries its sign', () => {
  expect(differenceText(38, 44)).toBe('−6');
  expect(differenceText(12.4, 12)).toBe('+0.4');
  expect(differenceText(12, 12)).toBe('0');
});
