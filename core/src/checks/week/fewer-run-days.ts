import type { Check } from '../common/check.js';

/** The athlete's free days hold fewer runs than asked. Value and limit: run days. */
export const fewerRunDays = {
  code: 'fewer-run-days',
  level: 'note',
  run({ block: { weeks, wishes } }) {
    if (wishes.week.days) return [];
    const limit = wishes.week.runDays;
    const building = weeks.filter(
      ({ kind, length, running }) => kind === 'building' && length === 7 && running === 1,
    );
    const value = Math.max(0, ...building.map(({ runDays }) => runDays));
    if (building.length === 0 || value >= limit) return [];
    return [{ weeks: building.map(({ number }) => number), value, limit }];
  },
  fixes: ({ value }, { block: { wishes } }) => [
    {
      label: `Ask for ${value} run days`,
      change: { week: { ...wishes.week, runDays: Math.max(2, value) } },
    },
  ],
} as const satisfies Check;
