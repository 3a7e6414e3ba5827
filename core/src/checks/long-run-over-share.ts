import { longRunShareLimit } from '../longrun/limits.js';
import type { Check } from './finding.js';

/** A long run over its part of the week. Value and limit: shares. A short first week is left out. */
export const longRunOverShare = {
  code: 'long-run-over-share',
  level: 'note',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    return weeks.flatMap(({ number, length, volume, longRun }) => {
      if (longRun === 0 || length < 7) return [];
      const value = longRun / volume;
      const limit = longRunShareLimit(wishes, rules, volume, easyPace);
      return value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
} as const satisfies Check;
