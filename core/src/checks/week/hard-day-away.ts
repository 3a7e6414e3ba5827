import { fitWeek } from '../../layout/week/place-days.js';
import type { Check, CheckContext } from '../common/check.js';

/** A long run or quality day fell on a day away. Value: wished days kept; limit: days wished. */
export const hardDayAway = {
  code: 'hard-day-away',
  level: 'note',
  run(context) {
    const { weeks, wishes } = context.block;
    // A pattern has its own roles, and moves them where it must.
    if (wishes.week.days) return [];
    const { wished, kept } = hardDays(context);
    if (kept.length === wished.length) return [];
    return [{ weeks: weeks.map(({ number }) => number), value: kept.length, limit: wished.length }];
  },
  fixes(_, context) {
    const { wishes } = context.block;
    const { longRunOn, qualityOn } = fitWeek(wishes);
    const label = 'Wish for the days as they are laid out';
    return [{ label, change: { week: { ...wishes.week, longRunOn, qualityOn } } }];
  },
} as const satisfies Check;

function hardDays({ block: { wishes } }: CheckContext) {
  const pattern = fitWeek(wishes);
  const wished = [wishes.week.longRunOn, ...wishes.week.qualityOn];
  const kept = wished.filter((day) => [pattern.longRunOn, ...pattern.qualityOn].includes(day));
  return { wished, kept };
}
