import type { Check } from '../common/check.js';
import { pinAt, unpin } from '../../edit/fixes/week-fixes.js';

/** Times of days are rounded to seconds. */
const WHOLE_SECOND = 0.5;

/** A long run over its time on feet at easy pace. Value and limit: seconds. */
export const longRunOverTime = {
  code: 'long-run-over-time',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.longRun.mostTime;
    return weeks.flatMap(({ number, days }) => {
      const value = days.find(({ role }) => role === 'long')?.time ?? 0;
      return value > limit + WHOLE_SECOND ? [{ weeks: [number], value, limit }] : [];
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
