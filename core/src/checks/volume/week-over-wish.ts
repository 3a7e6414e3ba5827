import { layoutStep } from '../../rules/layout-step.js';
import type { Check } from '../common/check.js';
import { unpin } from '../../edit/fixes/week-fixes.js';
import { freeDays } from '../../edit/fixes/day-fixes.js';

/** Fixed days and written sessions ask for more than their week. Value and limit: m or s. */
export const weekOverWish = {
  code: 'week-over-wish',
  level: 'caution',
  run({ block: { weeks, wishes }, rules }) {
    if (wishes.days.length === 0) return [];
    const { basis } = wishes.athlete;
    const slack = layoutStep(wishes.athlete, rules) / 2;
    return weeks.flatMap(({ number, volume, kind, days }) => {
      const value = days.reduce((total, day) => total + day[basis], 0);
      return kind !== 'race' && value > volume + slack
        ? [{ weeks: [number], value, limit: volume }]
        : [];
    });
  },
  fixes: ({ weeks }, context) => [
    ...freeDays(context, weeks, ['amount', 'session']),
    ...weeks.flatMap((week) => unpin(context, week, 'volume')),
  ],
} as const satisfies Check;
