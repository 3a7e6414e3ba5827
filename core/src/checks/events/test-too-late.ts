import { differenceInDays } from '../../base/civil-date.js';
import type { Check, CheckContext } from '../common/check.js';
import { withoutEvents } from '../../edit/fixes/week-fixes.js';

/** A test so near the goal race that nothing can be done about what it tells. Value and limit: days. */
export const testTooLate = {
  code: 'test-too-late',
  level: 'note',
  run(context) {
    return late(context).map(({ event, value }) => {
      const week = context.block.weeks.findLast(({ start }) => start <= event.from);
      const limit = context.rules.paces.testToGoal;
      return { weeks: week ? [week.number] : [], value, limit };
    });
  },
  fixes({ value }, context) {
    const found = late(context).filter((each) => each.value === value);
    return withoutEvents(context, (event) => found.some((each) => each.event === event));
  },
} as const satisfies Check;

function late({ block: { wishes }, rules }: CheckContext) {
  return wishes.events
    .filter(({ kind }) => kind === 'test')
    .map((event) => ({ event, value: differenceInDays(wishes.race.date, event.from) }))
    .filter(({ value }) => value < rules.paces.testToGoal);
}
