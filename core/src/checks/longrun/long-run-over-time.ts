import { check } from '../common/check.js';

/** A long run over its time on feet at easy pace. Value and limit: seconds. */
export const longRunOverTime = check({
  code: 'long-run-over-time',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.longRun.mostTime;
    return weeks.flatMap(({ number, days }) => {
      const day = days.find(({ role }) => role === 'long');
      const runs = day?.sessions.filter(({ kind }) => kind === 'run') ?? [];
      const value = Math.max(0, ...runs.map(({ time }) => time));
      return value > limit + WHOLE_SECOND ? [{ weeks: [number], value, limit }] : [];
    });
  },
});

/** Times of days are rounded to seconds. */
const WHOLE_SECOND = 0.5;
