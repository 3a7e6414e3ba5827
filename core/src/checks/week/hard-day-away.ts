import { placeDays } from '../../layout/index.js';
import { check, type CheckContext } from '../common/check.js';

/** A long run or quality day fell on a day away. Value: wished days kept; limit: days wished. */
export const hardDayAway = check({
  code: 'hard-day-away',
  level: 'note',
  run(context) {
    const { weeks, spec } = context.block;
    // A pattern has its own roles, and moves them where it must.
    if (spec.week.days) return [];
    const { wished, kept } = hardDays(context);
    if (kept.length === wished.length) return [];
    return [{ weeks: weeks.map(({ number }) => number), value: kept.length, limit: wished.length }];
  },
});

function hardDays({ block: { spec } }: CheckContext) {
  const pattern = placeDays(spec);
  const wished = [spec.week.longRunOn, ...spec.week.qualityOn];
  const kept = wished.filter((day) => [pattern.longRunOn, ...pattern.qualityOn].includes(day));
  return { wished, kept };
}
