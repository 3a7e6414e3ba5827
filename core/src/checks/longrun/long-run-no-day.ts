import { check } from '../common/check.js';

/** A whole week before the taper has no day left for its long run. Value: 0; limit: 1 long run. */
export const longRunNoDay = check({
  code: 'long-run-no-day',
  level: 'note',
  run({ block: { weeks } }) {
    return weeks
      .filter(({ longRunRule, length, volume }) => {
        return longRunRule === 'no-day' && length === 7 && volume > 0;
      })
      .map(({ number }) => ({ weeks: [number], value: 0, limit: 1 }));
  },
});
