import type { Check } from '../common/check.js';
import { freeDays } from '../../edit/fixes/day-fixes.js';

/** A semi-long or pinned run that is nearly as long as the long run. Value and limit: m or s. */
export const semiLongNearLong = {
  code: 'semi-long-near-long',
  level: 'caution',
  run({ block: { weeks, wishes }, rules }) {
    const { basis } = wishes.athlete;
    return weeks.flatMap(({ number, longRun, days }) => {
      const limit = rules.week.mostOfLongRun * longRun;
      const asked = days.filter(
        ({ role, rule, swap }) =>
          !swap && (role === 'semi-long' || (rule === 'pin' && role !== 'long')),
      );
      const value = Math.max(0, ...asked.map((day) => day[basis]));
      return longRun > 0 && value > limit + 0.5 ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes: ({ weeks }, context) => freeDays(context, weeks, ['amount', 'role']),
} as const satisfies Check;
