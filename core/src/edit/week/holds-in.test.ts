import { expect, it } from 'vitest';
import { heldWords } from './holds-in.js';

it('where something holds is said by weeks, by phases, or not at all', () => {
  expect(heldWords({ weeks: [3], phases: ['speed'] })).toBe(' of week 3');
  expect(heldWords({ weeks: [3, 5] })).toBe(' of weeks 3, 5');
  expect(heldWords({ phases: ['hills-and-strength', 'speed'] })).toBe(
    ' of hills and strength, speed',
  );
  expect(heldWords({})).toBe('');
});
