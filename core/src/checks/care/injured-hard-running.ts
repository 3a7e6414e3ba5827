import { check } from '../common/check.js';

/** A race or test planned for an athlete who is marked injured. Value: races and tests; limit: 0. */
export const injuredHardRunning = check({
  code: 'injured-hard-running',
  level: 'stop',
  run({ block: { weeks, spec } }) {
    if (!spec.athlete.injured) return [];
    const hard = weeks.filter(({ hardDays }) => hardDays > 0);
    if (hard.length === 0) return [];
    const value = hard.reduce((total, { hardDays }) => total + hardDays, 0);
    return [{ weeks: hard.map(({ number }) => number), value, limit: 0 }];
  },
});
