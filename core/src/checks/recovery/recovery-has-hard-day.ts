import { isHardRunning } from '../../layout/block/index.js';
import type { DayRole } from '../../spec/days/index.js';
import { check } from '../common/check.js';

/** Hard running in a recovery week; a test or a race on its last days may stand. Value and limit: days. */
export const recoveryHasHardDay = check({
  code: 'recovery-has-hard-day',
  level: 'caution',
  run({ block: { weeks } }) {
    return weeks.flatMap(({ number, recovery, volumeRule, days, length }) => {
      // Days away make a week light, not one of rest.
      if (!recovery || volumeRule === 'event') return [];
      const value = days.filter(
        (day, index) => isHardRunning(day) && length - index > (LAST_DAYS.get(day.role) ?? 0),
      ).length;
      return value > 0 ? [{ weeks: [number], value, limit: 0 }] : [];
    });
  },
});

/** Days at the end of a recovery week in which a test may stand, and a race. */
const LAST_DAYS: ReadonlyMap<DayRole, number> = new Map([
  ['test', 4],
  ['tune-up', 2],
]);
