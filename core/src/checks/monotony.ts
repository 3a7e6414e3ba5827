import { dayLoad } from '../load/legs.js';
import { sum } from '../units/apportion.js';
import type { Check } from './finding.js';
import { dayName, wishDay } from './mending-days.js';

/**
 * Days too much alike: mean daily load over its standard deviation in a week.
 *
 * Source: C. Foster, "Monitoring training in athletes with reference to
 * overtraining syndrome", Med. Sci. Sports Exerc. 30 (1998).
 */
export const monotony = {
  code: 'monotony',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.week.mostMonotony;
    return weeks.flatMap(({ number, days, length, kind }) => {
      if (length < 7 || kind === 'race') return [];
      const value = monotonyOf(days.map(dayLoad));
      return value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes({ weeks: [week = 1] }, context) {
    const easy = (context.block.weeks[week - 1]?.days ?? []).filter(
      ({ role }) => role === 'easy' || role === 'short-easy' || role === 'recovery',
    );
    return easy.map(({ date }) =>
      wishDay(context, `Rest on ${dayName(date)}`, date, { role: 'rest' }),
    );
  },
} as const satisfies Check;

/** Mean over standard deviation; 0 for a week of nothing, infinite for days all alike. */
export function monotonyOf(loads: readonly number[]): number {
  const mean = sum(loads) / loads.length;
  const spread = Math.sqrt(sum(loads.map((load) => (load - mean) ** 2)) / loads.length);
  return mean === 0 ? 0 : mean / spread;
}
