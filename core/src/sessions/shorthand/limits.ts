import type { SessionUnit } from './session.js';

/**
 * How far the figures of a session go. What is written beyond them is a slip
 * of the hand; what is worked out stays within them, so that it can be read again.
 */
export const sessionLimits = {
  /** In each unit: 200 km or a day is further than anyone runs at a stretch. */
  amount: { m: 200_000, km: 200, mi: 124, s: 86_400, min: 1440, h: 24 } satisfies Record<
    SessionUnit,
    number
  >,
  leastAmount: 0.001,
  repetitions: 100,
  /** Steps of a progression. */
  steps: 100,
  /** Seconds per km against a named pace. */
  offset: { quickest: -120, slowest: 300 },
  /** Seconds per km of a pace that is written out. */
  pace: { quickest: 90, slowest: 1500 },
  heart: { least: 25, most: 250 },
  /** Per cent of the highest heart rate. */
  heartShare: { least: 30, most: 100 },
  effort: 10,
  /** Metres of races that a pace goes by the name of. */
  races: {
    '800 m': 800,
    mile: 1609.344,
    '3 km': 3000,
    '5 km': 5000,
    '10 km': 10_000,
    'half-marathon': 21_097.5,
    marathon: 42_195,
  },
} as const;
