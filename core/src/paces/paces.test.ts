import { expect, it } from 'vitest';
import { easyPace } from './easy-pace.js';
import { predictTime } from './riegel.js';

const tenKm = { date: '2026-11-08', distance: 10_000, time: 2430 };

it('predicts by the power law: 40:30 for 10 km is 3:06:20 for a marathon', () => {
  // 4.2195^1.06 = 4.600; 2430 s × 4.600 = 11 178 s.
  expect(predictTime(tenKm, 42_195)).toBeCloseTo(2430 * 4.2195 ** 1.06, 6);
  expect(Math.round(predictTime(tenKm, 42_195) / 60)).toBe(186);
});

it('runs easy 70 s/km slower than the predicted marathon, in fives', () => {
  expect(easyPace({ results: [tenKm] }, { distance: 42_195, goalTime: undefined })).toBe(335);
});

it('takes the newest result, else the goal, else six minutes', () => {
  const older = { date: '2025-01-01', distance: 10_000, time: 3600 };
  const race = { distance: 42_195, goalTime: 11_700 };
  expect(easyPace({ results: [tenKm, older] }, race)).toBe(335);
  // 11 700 s over 42.195 km are 277 s/km; 347 in fives is 345.
  expect(easyPace({ results: [] }, race)).toBe(345);
  expect(easyPace({ results: [] }, { ...race, goalTime: undefined })).toBe(360);
});
