import { addDays, sum } from '../../base/index.js';
import { layoutStep } from '../../rules/index.js';
import { familiesOf } from '../../spec/index.js';
import { check } from '../common/check.js';
import { openDays } from '../common/open-days.js';

/** Fixed days, written sessions and families run as written ask for more than their week. Value and limit: m or s. */
export const weekOverWish = check({
  code: 'week-over-wish',
  level: 'caution',
  run({ block: { weeks, spec }, rules, today }) {
    const asWritten = familiesOf(spec).some(({ fit }) => fit === false);
    if (spec.days.length === 0 && !spec.week.fixed && !asWritten) return [];
    const { basis } = spec.athlete;
    const slack = layoutStep(spec.athlete, rules) / 2;
    return weeks.flatMap((week) => {
      const { number, start, length, volume, kind, days } = week;
      const value = sum(days.map((day) => day[basis]));
      const isOver = today !== undefined && addDays(start, length) <= today;
      if (kind === 'race' || isOver || value <= volume + slack) return [];
      const open = openDays(week, today);
      // Of a week under way what was run stands: it is over its wish by what is fixed in the rest of it.
      const isFixed = open === days || open.some(({ rule }) => AS_WRITTEN.has(rule));
      const before = value - sum(open.map((day) => day[basis]));
      return isFixed && before <= volume ? [{ weeks: [number], value, limit: volume }] : [];
    });
  },
});

/** Days that are as long as what stands in them. */
const AS_WRITTEN: ReadonlySet<string> = new Set(['pin', 'own-session', 'session']);
