import { differenceInDays } from '../../base/index.js';
import { isHardRunning } from '../../layout/block/index.js';
import { HALF_WEEK } from '../../rules/limits/index.js';
import type { DayRole } from '../../spec/days/index.js';
import { check } from '../common/check.js';
import { openDays } from '../common/open-days.js';

/**
 * Hard running in a recovery week; a test or a race on its last days may stand, and what its coach
 * has in the second half of a week that is only fixed low. Value and limit: days.
 */
export const recoveryHasHardDay = check({
  code: 'recovery-has-hard-day',
  level: 'caution',
  run({ block: { weeks }, today }) {
    return weeks.flatMap((week) => {
      const { number, recovery, recoveryDue, volumeRule, start, length } = week;
      // Days away make a week light, not one of rest.
      if (!recovery || volumeRule === 'event') return [];
      const half = volumeRule === 'pin' && !recoveryDue ? length - HALF_WEEK : 0;
      // A week under way may have become light since its hard day.
      const value = openDays(week, today).filter((day) => {
        const left = length - differenceInDays(day.date, start);
        return isHardRunning(day) && left > (LAST_DAYS.get(day.role) ?? half);
      }).length;
      return value > 0 ? [{ weeks: [number], value, limit: 0 }] : [];
    });
  },
});

/** Days at the end of a recovery week in which a test may stand, and a race. */
const LAST_DAYS: ReadonlyMap<DayRole, number> = new Map([
  ['test', 4],
  ['tune-up', 2],
]);
