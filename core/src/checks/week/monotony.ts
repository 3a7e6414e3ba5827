import { sum } from '../../base/index.js';
import { dayLoad } from '../../layout/index.js';
import { check } from '../common/check.js';

/**
 * Days too much alike: mean daily load over its standard deviation in a week.
 *
 * Source: C. Foster, "Monitoring training in athletes with reference to
 * overtraining syndrome", Med. Sci. Sports Exerc. 30 (1998).
 */
export const monotony = check({
  code: 'monotony',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.week.mostMonotony;
    const found = weeks.flatMap(({ number, days, length, kind }) => {
      // A taper is even on purpose, and light.
      const counts = length === 7 && kind === 'building';
      const value = counts ? monotonyOf(days.map(dayLoad)) : 0;
      return value > limit + 1e-9 ? [{ number, value }] : [];
    });
    if (found.length === 0) return [];
    const value = Math.max(...found.map((week) => week.value));
    return [{ weeks: found.map(({ number }) => number), value, limit }];
  },
});

/** Days all alike have no spread to be held against: as monotonous as it is ever said to be. */
const MOST = 10;

/** Mean over standard deviation, 10 at the most; 0 for a week of nothing. */
export function monotonyOf(loads: readonly number[]): number {
  const mean = sum(loads) / loads.length;
  const spread = Math.sqrt(sum(loads.map((load) => (load - mean) ** 2)) / loads.length);
  return mean === 0 ? 0 : Math.min(MOST, mean / spread);
}
