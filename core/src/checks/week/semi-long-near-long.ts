import { longestRun } from '../common/longest-run.js';
import { check } from '../common/check.js';
import { openDays } from '../common/open-days.js';

/** A semi-long or pinned run that is nearly as long as the long run. Value and limit: m or s. */
export const semiLongNearLong = check({
  code: 'semi-long-near-long',
  level: 'caution',
  run({ block: { weeks, spec }, rules, today }) {
    const { basis } = spec.athlete;
    return weeks.flatMap((week) => {
      const { number, longRun } = week;
      const limit = rules.week.mostOfLongRun * longRun;
      const asked = openDays(week, today).filter(
        ({ role, rule, swap }) =>
          !swap && (role === 'semi-long' || (rule === 'pin' && role !== 'long')),
      );
      const value = Math.max(0, ...asked.map((day) => longestRun(day, basis)));
      return longRun > 0 && value > limit + 0.5 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
