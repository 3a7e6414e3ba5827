import { addDays, differenceInDays, weekdayOf } from '../../base/index.js';
import { check } from '../common/check.js';
import { type BlockDay, daysToRace } from '../common/days-to-race.js';

/**
 * Hard days with too few easy ones between. Two that are meant as a pair are
 * judged as one, with an easy day more after them. Value and limit: easy days
 * between two of them; about `pair` after one.
 */
export const hardDaysAdjacent = check({
  code: 'hard-days-adjacent',
  level: 'caution',
  run({ block, rules, missed }) {
    const { pairs = [] } = block.spec.week;
    const hardDays = daysToRace(block).filter(
      ({ day, hard }) => hard && day.role !== 'race' && !missed?.has(day.date),
    );
    return hardDays.flatMap((one, index) => {
      const next = hardDays[index + 1];
      // An easy long run may follow a test or race: the days around these have rules of their own.
      const raced = [one, next].some(
        (each) => each?.day.role === 'tune-up' || each?.day.role === 'test',
      );
      const long = one.day.role === 'long' || next?.day.role === 'long';
      if (!next || (raced && long) || isPair(one, next)) return [];
      const before = hardDays[index - 1];
      const afterPair = before !== undefined && isPair(before, one);
      const limit = rules.week.easyBetween + (afterPair ? 1 : 0);
      const value = differenceInDays(next.day.date, one.day.date) - 1;
      const weeks = [...new Set([one.week, next.week])];
      const dates = [one.day.date, next.day.date];
      const about = afterPair ? { about: 'pair' } : {};
      return value < limit ? [{ weeks, dates, value, limit, ...about }] : [];
    });

    function isPair({ day: one }: BlockDay, { day: other }: BlockDay): boolean {
      return pairs.includes(weekdayOf(one.date)) && addDays(one.date, 1) === other.date;
    }
  },
});
