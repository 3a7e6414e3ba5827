import { differenceInDays } from '../../base/index.js';
import { check } from '../common/check.js';
import { daysToRace } from '../common/days-to-race.js';

/** Hard days with too few easy ones between. Value and limit: easy days between two of them. */
export const hardDaysAdjacent = check({
  code: 'hard-days-adjacent',
  level: 'caution',
  run({ block, rules }) {
    const limit = rules.week.easyBetween;
    const hardDays = daysToRace(block).filter(({ day, hard }) => hard && day.role !== 'race');
    return hardDays.flatMap(({ week, day }, index) => {
      const next = hardDays[index + 1];
      // An easy long run may follow a test or race: the days around these have rules of their own.
      const raced = [day, next?.day].some(
        (each) => each?.role === 'tune-up' || each?.role === 'test',
      );
      const long = day.role === 'long' || next?.day.role === 'long';
      if (!next || (raced && long)) return [];
      const value = differenceInDays(next.day.date, day.date) - 1;
      const weeks = [...new Set([week, next.week])];
      const dates = [day.date, next.day.date];
      return value < limit ? [{ weeks, dates, value, limit }] : [];
    });
  },
});
