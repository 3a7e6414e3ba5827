import type { RaceClassName } from './race-class.js';

/**
 * What depends on a race's distance. Every figure is policy: a default from
 * practice that the coach may set otherwise.
 */
export interface RaceRules {
  /** Weeks of a block: least, usual, and most before it drags on. */
  weeks: { least: number; usual: number; most: number };
  /** Days of taper: shortest and longest, race day not counted. */
  taperDays: { least: number; most: number };
  /** Heaviest week, metres: least for the distance, and what a first suggestion aims at. */
  peakVolume: { least: number; usual: number };
  /** Weeks from the last heaviest week to race week. */
  peakWeeksOut: { least: number; most: number };
  /** Peak long run a first suggestion aims at, metres; left out: a fifth of the week. */
  longRunPeak?: number;
  /** Share added to the limit on the long run's part of the week. */
  longRunShareExtra: number;
  /** Long runs within reach of the longest: fewest and most. */
  longRunsNearPeak: { least: number; most: number };
  /** As a race on the way: easier days before, easy days after, days it must stay from the goal, and metres of warming up, and of cooling down. */
  tuneUp: { daysBefore: number; daysAfter: number; daysToGoal: number; warmUp: number };
  /** Weeks from a goal race of this class to the next goal race. */
  weeksToNext: number;
}

/** The defaults, class by class. */
export const defaultRaceRules: Readonly<Record<RaceClassName, RaceRules>> = {
  'middle-distance': {
    weeks: { least: 8, usual: 12, most: 16 },
    taperDays: { least: 7, most: 10 },
    peakVolume: { least: 25_000, usual: 60_000 },
    peakWeeksOut: { least: 1, most: 6 },
    longRunShareExtra: 0,
    longRunsNearPeak: { least: 0, most: 10 },
    tuneUp: { daysBefore: 1, daysAfter: 1, daysToGoal: 5, warmUp: 3000 },
    weeksToNext: 4,
  },
  '5-km': {
    weeks: { least: 8, usual: 12, most: 16 },
    taperDays: { least: 7, most: 10 },
    peakVolume: { least: 25_000, usual: 55_000 },
    peakWeeksOut: { least: 1, most: 6 },
    longRunPeak: 13_000,
    longRunShareExtra: 0,
    longRunsNearPeak: { least: 1, most: 10 },
    tuneUp: { daysBefore: 2, daysAfter: 2, daysToGoal: 7, warmUp: 3000 },
    weeksToNext: 5,
  },
  '10-km': {
    weeks: { least: 8, usual: 12, most: 16 },
    taperDays: { least: 7, most: 10 },
    peakVolume: { least: 32_000, usual: 60_000 },
    peakWeeksOut: { least: 1, most: 6 },
    longRunPeak: 16_000,
    longRunShareExtra: 0,
    longRunsNearPeak: { least: 1, most: 8 },
    tuneUp: { daysBefore: 3, daysAfter: 3, daysToGoal: 10, warmUp: 2000 },
    weeksToNext: 6,
  },
  'half-marathon': {
    weeks: { least: 10, usual: 14, most: 18 },
    taperDays: { least: 10, most: 21 },
    peakVolume: { least: 40_000, usual: 65_000 },
    peakWeeksOut: { least: 2, most: 6 },
    longRunPeak: 20_000,
    longRunShareExtra: 0,
    longRunsNearPeak: { least: 1, most: 6 },
    tuneUp: { daysBefore: 4, daysAfter: 6, daysToGoal: 21, warmUp: 1000 },
    weeksToNext: 8,
  },
  marathon: {
    weeks: { least: 12, usual: 16, most: 20 },
    taperDays: { least: 14, most: 21 },
    peakVolume: { least: 56_000, usual: 80_000 },
    peakWeeksOut: { least: 2, most: 6 },
    longRunPeak: 32_000,
    longRunShareExtra: 0.05,
    longRunsNearPeak: { least: 2, most: 6 },
    tuneUp: { daysBefore: 7, daysAfter: 14, daysToGoal: 56, warmUp: 0 },
    weeksToNext: 16,
  },
};
