import { goalGap } from '../../paces/index.js';
import { check, dayOf } from '../common/check.js';

/** A goal that asks for more than the weeks left may give. Value and limit: shares of the pace. */
export const goalFarFromFitness = check({
  code: 'goal-far-from-fitness',
  level: 'caution',
  run(context) {
    const { spec, weeks } = context.block;
    const gap = goalGap(spec, context.rules, dayOf(context));
    if (!gap || gap.within) return [];
    return [{ weeks: [weeks.length], value: gap.share, limit: gap.reachable }];
  },
});
