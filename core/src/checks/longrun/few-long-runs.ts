import { layoutStep } from '../../rules/index.js';
import { check } from '../common/check.js';
import { nearPeak } from './long-runs-near-peak.js';

/** Too few long runs near the longest. Value and limit: runs. */
export const fewLongRuns = check({
  code: 'few-long-runs',
  level: 'caution',
  run(context) {
    // Each is a whole number of steps: half a step less came of rounding.
    const leeway = layoutStep(context.block.spec.athlete, context.rules) / 2;
    const { weeks, limits } = nearPeak(context, leeway);
    const value = weeks.length;
    return value < limits.least
      ? [{ weeks: weeks.map(({ number }) => number), value, limit: limits.least }]
      : [];
  },
});
