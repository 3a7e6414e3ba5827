import { check } from '../common/check.js';
import { nearPeak } from './long-runs-near-peak.js';

/** Too few long runs near the longest. Value and limit: runs. */
export const fewLongRuns = check({
  code: 'few-long-runs',
  level: 'caution',
  run(context) {
    const { weeks, limits } = nearPeak(context);
    const value = weeks.length;
    return value < limits.least
      ? [{ weeks: weeks.map(({ number }) => number), value, limit: limits.least }]
      : [];
  },
});
