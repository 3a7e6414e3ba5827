import { isRun } from '../../spec/days/index.js';
import { weekdayOf } from '../../base/index.js';
import { fixedDatesOf } from '../../layout/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A run fixed on a day the athlete cannot run, by its date, its weekday or a rotation. Value: such days of a week; limit: 0. */
export const sessionOutsideDays = check({
  code: 'session-outside-days',
  level: 'caution',
  run({ block }) {
    const { athlete, rotations = [] } = block.spec;
    if (athlete.unavailable.length === 0) return [];
    const fixed = fixedDatesOf(block);
    const rotated = new Set<unknown>(rotations.map(({ on }) => on));
    const found = daysToRace(block).filter(
      ({ day: { date, role, sessions } }) =>
        (fixed.has(date) || (role === 'quality' && rotated.has(weekdayOf(date)))) &&
        isRun(role) &&
        sessions.length > 0 &&
        athlete.unavailable.includes(weekdayOf(date)),
    );
    return dayByWeek(found);
  },
});
