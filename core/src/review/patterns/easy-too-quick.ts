import { addDays } from '../../base/index.js';
import type { FindPattern } from './pattern.js';

/** Days looked at, in two halves that must both show it. */
const DAYS = 14;
const LEAST_RUNS = 3;

/** Easy running quicker than the table for two weeks: in both of them, and in half of all that was measured. */
export const easyTooQuick: FindPattern = ({ days, today, rules }) => {
  const measured = days.flatMap(({ day, easy }) =>
    easy && day.date > addDays(today, -DAYS) ? [{ date: day.date, ...easy }] : [],
  );
  const quick = measured.filter(({ pace, range }) => pace < range.quick - rules.diary.easyMargin);
  const half = addDays(today, -DAYS / 2);
  const inBoth = quick.some(({ date }) => date <= half) && quick.some(({ date }) => date > half);
  if (measured.length < LEAST_RUNS || !inBoth || quick.length * 2 < measured.length) {
    return undefined;
  }
  return {
    code: 'easy-too-quick',
    level: 'caution',
    dates: quick.map(({ date }) => date),
    value: quick.length,
    limit: measured.length,
  };
};
