import { type Day, isIndoors } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/** The athlete's free days hold fewer runs than asked. Value and limit: run days. */
export const fewerRunDays = check({
  code: 'fewer-run-days',
  level: 'note',
  run({ block: { weeks, spec } }) {
    if (spec.week.days) return [];
    const limit = spec.week.runDays;
    const building = weeks.filter(
      ({ kind, length, running }) => kind === 'building' && length === 7 && running === 1,
    );
    const indoors = (days: readonly Day[]) => days.filter((day) => isIndoors(day)).length;
    const value = Math.max(0, ...building.map(({ runDays, days }) => runDays + indoors(days)));
    if (building.length === 0 || value >= limit) return [];
    return [{ weeks: building.map(({ number }) => number), value, limit }];
  },
});
