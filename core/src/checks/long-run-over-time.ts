import { perMetre } from '../longrun/limits.js';
import type { Check } from './finding.js';

/** A long run over its time on feet at easy pace. Value and limit: seconds. */
export const longRunOverTime = {
  code: 'long-run-over-time',
  level: 'caution',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    const limit = rules.longRun.mostTime;
    const secondsPer = easyPace / 1000 / perMetre(wishes, easyPace);
    return weeks.flatMap(({ number, longRun }) => {
      const value = longRun * secondsPer;
      return value > limit + 1e-6 ? [{ weeks: [number], value, limit }] : [];
    });
  },
} as const satisfies Check;
