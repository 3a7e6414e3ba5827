import { check } from '../common/check.js';
import { nearPeak } from './long-runs-near-peak.js';

/** Too many long runs near the longest. Value and limit: runs. */
export const manyLongRuns = check({
  code: 'many-long-runs',
  level: 'note',
  run(context) {
    const { weeks, limits } = nearPeak(context);
    const value = weeks.length;
    return value > limits.most ? [{ weeks, value, limit: limits.most }] : [];
  },
});
