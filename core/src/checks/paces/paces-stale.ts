import { differenceInDays } from '../../base/index.js';
import { fitnessOn } from '../../paces/index.js';
import { check, dayOf } from '../common/check.js';

/**
 * Paces that rest on a result long past, on the day asked about or at the start, as
 * long as a test could still be acted on. Value and limit: weeks.
 */
export const pacesStale = check({
  code: 'paces-stale',
  level: 'note',
  run(context) {
    const { rules } = context;
    const { spec } = context.block;
    const day = dayOf(context);
    const fitness = fitnessOn(spec, rules, day);
    const isTooLate = differenceInDays(spec.race.date, day) < rules.paces.testToGoal;
    if (!fitness?.stale || isTooLate) return [];
    const week = context.block.weeks.findLast(({ start }) => start <= day)?.number ?? 1;
    return [{ weeks: [week], value: fitness.age, limit: rules.paces.staleWeeks }];
  },
});
