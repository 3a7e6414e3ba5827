import { isRun } from '../../spec/days/index.js';
import { weekdayOf } from '../../base/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A run fixed on a day the athlete cannot run. Value: such days of a week; limit: 0. */
export const sessionOutsideDays = check({
  code: 'session-outside-days',
  level: 'caution',
  run({ block }) {
    const { athlete, days: wished } = block.spec;
    if (wished.length === 0) return [];
    const fixed = new Set(wished.map(({ date }) => date));
    const found = daysToRace(block).filter(
      ({ day: { date, role, sessions } }) =>
        fixed.has(date) &&
        isRun(role) &&
        sessions.length > 0 &&
        athlete.unavailable.includes(weekdayOf(date)),
    );
    return dayByWeek(found);
  },
});
