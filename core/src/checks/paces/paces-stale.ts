import { fitnessOn } from '../../paces/index.js';
import { check, dayOf } from '../common/check.js';

/** Paces that rest on a result long past, on the day asked about or at the start. Value and limit: weeks. */
export const pacesStale = check({
  code: 'paces-stale',
  level: 'note',
  run(context) {
    const { rules } = context;
    const day = dayOf(context);
    const fitness = fitnessOn(context.block.spec, rules, day);
    if (!fitness?.stale) return [];
    const week = context.block.weeks.findLast(({ start }) => start <= day)?.number ?? 1;
    return [{ weeks: [week], value: Math.floor(fitness.age), limit: rules.paces.staleWeeks }];
  },
});
