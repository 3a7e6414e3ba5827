import { check } from '../common/check.js';

/** The wished peak long run is not reached under its caps. Value: the longest laid out; limit: the wish; m or s. */
export const longRunHeldDown = check({
  code: 'long-run-held-down',
  level: 'note',
  run({ block: { weeks, spec } }) {
    const limit = spec.longRun.peak;
    const value = Math.max(...weeks.map(({ longRun }) => longRun));
    if (value >= limit - 1e-6) return [];
    const held = weeks.find(({ longRun }) => longRun === value);
    return [{ weeks: held ? [held.number] : [], value, limit }];
  },
});
