import { layoutStep } from '../../rules/index.js';
import { familiesOf } from '../../spec/index.js';
import { check } from '../common/check.js';

/** Fixed days, written sessions and families run as written ask for more than their week. Value and limit: m or s. */
export const weekOverWish = check({
  code: 'week-over-wish',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const asWritten = familiesOf(spec).some(({ fit }) => fit === false);
    if (spec.days.length === 0 && !spec.week.fixed && !asWritten) return [];
    const { basis } = spec.athlete;
    const slack = layoutStep(spec.athlete, rules) / 2;
    return weeks.flatMap(({ number, volume, kind, days }) => {
      const value = days.reduce((total, day) => total + day[basis], 0);
      return kind !== 'race' && value > volume + slack
        ? [{ weeks: [number], value, limit: volume }]
        : [];
    });
  },
});
