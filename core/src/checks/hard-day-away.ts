import { fitWeek } from '../week/roles.js';
import type { Check } from './finding.js';

/** A long run or quality day fell on a day away. Value: wished days kept; limit: days wished. */
export const hardDayAway = {
  code: 'hard-day-away',
  level: 'note',
  run({ block: { weeks, wishes } }) {
    const pattern = fitWeek(wishes);
    const wished = [wishes.week.longRunOn, ...wishes.week.qualityOn];
    const kept = wished.filter((day) => [pattern.longRunOn, ...pattern.qualityOn].includes(day));
    if (kept.length === wished.length) return [];
    return [{ weeks: weeks.map(({ number }) => number), value: kept.length, limit: wished.length }];
  },
} as const satisfies Check;
