import { layoutStep } from '../../rules/index.js';
import { check } from '../common/check.js';

/** Fixed days and written sessions ask for more than their week. Value and limit: m or s. */
export const weekOverWish = check({
  code: 'week-over-wish',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    if (spec.days.length === 0) return [];
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
