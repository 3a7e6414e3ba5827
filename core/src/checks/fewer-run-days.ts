import type { Check } from './finding.js';

/** The athlete's free days hold fewer runs than asked. Value and limit: run days. */
export const fewerRunDays = {
  code: 'fewer-run-days',
  level: 'note',
  run({ block: { weeks, wishes } }) {
    const limit = wishes.week.runDays;
    const building = weeks.filter(({ kind, length }) => kind === 'building' && length === 7);
    const value = Math.max(0, ...building.map(({ runDays }) => runDays));
    if (building.length === 0 || value >= limit) return [];
    return [{ weeks: building.map(({ number }) => number), value, limit }];
  },
} as const satisfies Check;
