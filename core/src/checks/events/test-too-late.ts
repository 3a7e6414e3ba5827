import { differenceInDays } from '../../base/index.js';
import { check, type CheckContext } from '../common/check.js';

/** A test so near the goal race that nothing can be done about what it tells. Value and limit: days. */
export const testTooLate = check({
  code: 'test-too-late',
  level: 'note',
  run(context) {
    return late(context).map(({ event, value }) => {
      const week = context.block.weeks.findLast(({ start }) => start <= event.from);
      const limit = context.rules.paces.testToGoal;
      return { weeks: week ? [week.number] : [], value, limit };
    });
  },
});

export function late({ block: { spec }, rules }: CheckContext) {
  return spec.events
    .filter(({ kind }) => kind === 'test')
    .map((event) => ({ event, value: differenceInDays(spec.race.date, event.from) }))
    .filter(({ value }) => value < rules.paces.testToGoal);
}
