import type { LaidSession } from './lay-session.js';

/**
 * A laid-out session in whole seconds and metres that add up: each stretch is
 * rounded, and the totals are the sums of what is shown.
 */
export function showSession({ stretches, unknown }: LaidSession): LaidSession {
  const shown = stretches.map((stretch) => ({
    ...stretch,
    distance: Math.round(stretch.distance),
    time: Math.round(stretch.time),
  }));
  const hard = shown.filter((stretch) => stretch.hard);
  const total = (of: typeof shown, key: 'distance' | 'time') =>
    of.reduce((sum, stretch) => sum + stretch[key], 0);
  return {
    stretches: shown,
    distance: total(shown, 'distance'),
    time: total(shown, 'time'),
    hardDistance: total(hard, 'distance'),
    hardTime: total(hard, 'time'),
    unknown,
  };
}
