import { check } from '../common/check.js';
import { longestRun } from '../common/longest-run.js';
import { openDays } from '../common/open-days.js';

/** Another run too near the long run of its week, or beyond it. Value and limit: m or s. */
export const anyRunOverLongRun = check({
  code: 'any-run-over-long-run',
  level: 'note',
  run({ block: { weeks, spec }, rules, today }) {
    const { basis } = spec.athlete;
    return weeks.flatMap((week) => {
      const { number, longRun } = week;
      const days = openDays(week, today);
      const limit = rules.week.mostOfLongRun * longRun;
      // Most weeks hold nothing that long, run twice or not.
      const isSound = !days.some((day) => day.role !== 'long' && day[basis] > limit);
      if (longRun === 0 || isSound) return [];
      // What the coach asked for as semi-long, or pinned, is found as that.
      const others = days.filter(
        ({ role, rule, swap }) => !swap && !ASKED.has(role) && rule !== 'pin' && rule !== 'race',
      );
      const over = others.filter((day) => longestRun(day, basis) > limit + 0.5);
      if (over.length === 0) return [];
      const value = Math.max(...over.map((day) => longestRun(day, basis)));
      return [{ weeks: [number], dates: over.map(({ date }) => date), value, limit }];
    });
  },
});

const ASKED: ReadonlySet<string> = new Set(['long', 'semi-long', 'race']);
