import { cycleHasLongRun } from '../../spec/index.js';
import { check } from '../common/check.js';

/** A whole week before the taper has no day left for its long run; one that its cycle gives none is in order. Value: 0; limit: 1 long run. */
export const longRunNoDay = check({
  code: 'long-run-no-day',
  level: 'note',
  run({ block: { weeks, spec } }) {
    return weeks
      .filter((week) => {
        const { longRunRule, length, volume } = week;
        const isWithout = longRunRule === 'no-day' && length === 7 && volume > 0;
        return isWithout && cycleHasLongRun(spec, week);
      })
      .map(({ number }) => ({ weeks: [number], value: 0, limit: 1 }));
  },
});
