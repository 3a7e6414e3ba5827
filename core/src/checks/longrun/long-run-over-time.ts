import type { DaySession } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/**
 * A long run over its time on feet at easy pace; strides and drills that it was
 * given take their minutes on top. Value and limit: seconds.
 */
export const longRunOverTime = check({
  code: 'long-run-over-time',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.longRun.mostTime;
    return weeks.flatMap(({ number, days }) => {
      const day = days.find(({ role }) => role === 'long');
      const runs = day?.sessions.filter(({ kind }) => kind === 'run') ?? [];
      const longest = runs.reduce(
        (most, run) => (run.time > most.time ? run : most),
        runs[0] ?? NONE,
      );
      const leeway = longest.addOn === undefined ? WHOLE_SECOND : ADDED;
      const value = longest.time;
      return value > limit + leeway ? [{ weeks: [number], value, limit }] : [];
    });
  },
});

const NONE: Pick<DaySession, 'time' | 'addOn'> = { time: 0 };

/** Times of days are rounded to seconds. */
const WHOLE_SECOND = 0.5;

/** Policy: seconds that strides or drills, with what is walked between them, may add. */
const ADDED = 10 * 60;
