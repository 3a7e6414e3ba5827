import type { CivilDate } from '../../base/index.js';
import type { Level } from '../../checks/index.js';
import type { Review } from '../done/review-block.js';

export const patternCodes = [
  'running-in-pain',
  'ill-now',
  'back-from-illness',
  'sore-now',
  'not-recovering',
  'slow-at-pulse',
  'days-missed',
  'easy-too-quick',
  'reps-too-quick',
  'paces-overtaken',
  'under-plan',
  'over-plan',
  'sore-with-load',
  'nothing-recorded',
] as const;
export type PatternCode = (typeof patternCodes)[number];

/** Something that holds over some days, in codes and figures. */
export interface Pattern {
  code: PatternCode;
  level: Level;
  /** The days it is read from, in order. */
  dates: readonly CivilDate[];
  /** What was measured, and what it is held against, where there is a figure. */
  value?: number | undefined;
  limit?: number | undefined;
  /** True where it is read from health words: shown on the athlete’s own pages alone. */
  health?: boolean | undefined;
}

/** Finds a pattern in a review, where it holds. */
export type FindPattern = (review: Review) => Pattern | undefined;
