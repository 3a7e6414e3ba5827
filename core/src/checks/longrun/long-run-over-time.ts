import { check } from '../common/check.js';

/** A long run over its time on feet at easy pace. Value and limit: seconds. */
export const longRunOverTime = check({
  code: 'long-run-over-time',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.longRun.mostTime;
    return weeks.flatMap(({ number, days }) => {
      const value = days.find(({ role }) => role === 'long')?.time ?? 0;
      return value > limit + WHOLE_SECOND ? [{ weeks: [number], value, limit }] : [];
    });
  },
});

/** Times of days are rounded to seconds. */
const WHOLE_SECOND = 0.5;
