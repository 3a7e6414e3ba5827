import { layoutStep } from '../../rules/index.js';
import { check } from '../common/check.js';

/** A week is fixed at more than its days can hold. Value: what they come to; limit: the week; m or s. */
export const weekUnderWish = check({
  code: 'week-under-wish',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const { basis } = spec.athlete;
    const slack = layoutStep(spec.athlete, rules) / 2;
    return weeks.flatMap(({ number, volume, volumeRule, kind, days }) => {
      const value = days.reduce((total, day) => total + day[basis], 0);
      return kind !== 'race' && volumeRule === 'pin' && value < volume - slack
        ? [{ weeks: [number], value, limit: volume }]
        : [];
    });
  },
});
