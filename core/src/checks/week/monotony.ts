import { dayLoad, monotonyOf } from '../../layout/index.js';
import { check } from '../common/check.js';

/**
 * Days too much alike: mean daily load over its standard deviation in a week.
 *
 * Source: C. Foster, "Monitoring training in athletes with reference to
 * overtraining syndrome", Med. Sci. Sports Exerc. 30 (1998).
 */
export const monotony = check({
  code: 'monotony',
  level: 'note',
  run({ block: { weeks }, rules }) {
    const limit = rules.week.mostMonotony;
    return weeks.flatMap(({ number, days, length, kind }) => {
      // A taper is even on purpose, and light.
      const counts = length === 7 && kind === 'building';
      const value = counts ? monotonyOf(days.map(dayLoad)) : 0;
      return value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
