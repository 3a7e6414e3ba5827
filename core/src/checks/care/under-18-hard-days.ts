import type { Check } from '../common/check.js';
import { freeDays } from '../../edit/fixes/day-fixes.js';
import { isUnder18 } from './under-18.js';

/** More hard days in a week than an athlete under 18 should have; races and tests count. Value and limit: days. */
export const under18HardDays = {
  code: 'under-18-hard-days',
  level: 'stop',
  run({ block: { weeks, wishes }, rules }) {
    if (!isUnder18(wishes)) return [];
    const limit = rules.care.under18HardDays;
    const over = weeks.filter(({ hardDays }) => hardDays > limit);
    if (over.length === 0) return [];
    const value = Math.max(...over.map(({ hardDays }) => hardDays));
    return [{ weeks: over.map(({ number }) => number), value, limit }];
  },
  fixes({ weeks, limit }, context) {
    const { wishes } = context.block;
    const most = Array.from({ length: limit + 1 }, (_, fewer) => limit - fewer);
    const fewer = most.map((days) => ({
      label:
        days === 0 ? 'No quality days' : `${days} quality ${days === 1 ? 'day' : 'days'} a week`,
      change: { week: { ...wishes.week, qualityOn: wishes.week.qualityOn.slice(0, days) } },
    }));
    return [...fewer, ...freeDays(context, weeks, ['session', 'role'])];
  },
} as const satisfies Check;
