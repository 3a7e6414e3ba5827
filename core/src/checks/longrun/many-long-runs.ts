import { check } from '../common/check.js';
import { nearPeak } from './long-runs-near-peak.js';

/** A long run of three tenths of its week or less takes no more than its share (policy). */
const COSTLY = 0.3;

/** Too many long runs near the longest. Value and limit: runs. */
export const manyLongRuns = check({
  code: 'many-long-runs',
  level: 'note',
  run(context) {
    const { weeks, limits } = nearPeak(context);
    const costly = weeks.filter(({ longRun, volume }) => longRun > COSTLY * volume);
    const value = costly.length;
    if (value <= limits.most) return [];
    return [{ weeks: costly.map(({ number }) => number), value, limit: limits.most }];
  },
});
