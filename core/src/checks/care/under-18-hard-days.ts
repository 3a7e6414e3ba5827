import { check } from '../common/check.js';
import { isHardRunning } from '../../layout/block/index.js';
import { isUnder18 } from '../../spec/index.js';

/** More hard days in a week than an athlete under 18 should have; races and tests count. Value and limit: days. */
export const under18HardDays = check({
  code: 'under-18-hard-days',
  level: 'stop',
  run({ block: { weeks, spec }, rules, missed }) {
    if (!isUnder18(spec)) return [];
    const limit = rules.care.under18HardDays;
    return weeks.flatMap(({ number, hardDays, days }) => {
      const notRun = days.filter((day) => missed?.has(day.date) && isHardRunning(day)).length;
      const value = hardDays - notRun;
      return value > limit ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
