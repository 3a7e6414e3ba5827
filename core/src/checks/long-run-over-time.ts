import { perMetre } from '../longrun/limits.js';
import type { Check } from './finding.js';
import { pinAt, unpin } from './mending.js';

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
  fixes({ weeks: [week = 1], value, limit }, context) {
    const laid = context.block.weeks[week - 1]?.longRun ?? 0;
    return [
      ...pinAt(context, week, 'longRun', (laid * limit) / value),
      ...unpin(context, week, 'longRun'),
    ];
  },
} as const satisfies Check;
