import { lastDay } from '../../spec/event.js';
import { addDays } from '../../base/civil-date.js';
import { isHardRunning } from '../../layout/week/day.js';
import type { Check } from '../common/check.js';
import { withoutEvents } from '../../edit/fixes/week-fixes.js';

/** Days at the end of a recovery week in which a test may stand. */
const TEST_DAYS = 3;

/** Hard running in a recovery week; a test on its last days may stand. Value and limit: days. */
export const recoveryHasHardDay = {
  code: 'recovery-has-hard-day',
  level: 'caution',
  run({ block: { weeks } }) {
    return weeks.flatMap(({ number, recovery, days, length }) => {
      if (!recovery) return [];
      const value = days.filter(
        (day, index) => isHardRunning(day) && (day.role !== 'test' || index < length - TEST_DAYS),
      ).length;
      return value > 0 ? [{ weeks: [number], value, limit: 0 }] : [];
    });
  },
  fixes({ weeks: [week = 1] }, context) {
    const laid = context.block.weeks[week - 1];
    if (!laid) return [];
    const end = addDays(laid.start, laid.length - 1);
    return withoutEvents(
      context,
      (event) =>
        (event.kind === 'tune-up-race' || event.kind === 'test') &&
        event.from <= end &&
        lastDay(event) >= laid.start,
    );
  },
} as const satisfies Check;
