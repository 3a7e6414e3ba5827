import { weekdayOf } from '../calendar/weekday.js';
import { isRun } from '../week/pattern-day.js';
import type { Check } from './finding.js';
import { datesOf, daysToRace, weeksOf } from './hard-day.js';
import { freeDays } from './mending-days.js';

/** A run fixed on a day the athlete cannot run. Value: such days; limit: 0. */
export const sessionOutsideDays = {
  code: 'session-outside-days',
  level: 'caution',
  run({ block }) {
    const { athlete, days: wished } = block.wishes;
    if (wished.length === 0) return [];
    const fixed = new Set(wished.map(({ date }) => date));
    const found = daysToRace(block).filter(
      ({ day: { date, role, sessions } }) =>
        fixed.has(date) &&
        isRun(role) &&
        sessions.length > 0 &&
        athlete.unavailable.includes(weekdayOf(date)),
    );
    if (found.length === 0) return [];
    return [{ weeks: weeksOf(found), dates: datesOf(found), value: found.length, limit: 0 }];
  },
  fixes: ({ weeks }, context) => freeDays(context, weeks, ['role', 'amount', 'session']),
} as const satisfies Check;
