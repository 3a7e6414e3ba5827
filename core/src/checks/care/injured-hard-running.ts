import { check } from '../common/check.js';

/** A race or test planned for an athlete who is marked injured. Value: races and tests of a week; limit: 0. */
export const injuredHardRunning = check({
  code: 'injured-hard-running',
  level: 'stop',
  run({ block: { weeks, spec } }) {
    if (!spec.athlete.injured) return [];
    return weeks.flatMap(({ number, hardDays: value }) =>
      value > 0 ? [{ weeks: [number], value, limit: 0 }] : [],
    );
  },
});
