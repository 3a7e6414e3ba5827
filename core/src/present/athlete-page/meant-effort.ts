import type { DayRole } from '../../spec/days/index.js';

/**
 * How hard a day is meant to be for the athlete, of ten, by its role: what is felt of
 * the whole run, half an hour after it. Days without running have none.
 *
 * Policy, on the scale of Foster et al. (2001), “A new approach to monitoring exercise
 * training”: 3 is moderate, 5 hard, 7 very hard.
 *
 * @example 'easy' → [3, 4]
 */
export function meantEffort(role: DayRole): readonly [number, number] | undefined {
  return MEANT[role];
}

const MEANT: Readonly<Partial<Record<DayRole, readonly [number, number]>>> = {
  recovery: [1, 2],
  'short-easy': [2, 3],
  easy: [3, 4],
  'semi-long': [3, 4],
  long: [4, 6],
  quality: [6, 8],
  test: [8, 9],
  'tune-up': [8, 9],
  race: [9, 10],
};
