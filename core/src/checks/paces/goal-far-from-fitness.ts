import { formatDuration } from '../../base/format/format.js';
import { goalGap } from '../../paces/goal-gap.js';
import { type Check, dayOf } from '../common/check.js';

/** A goal that asks for more than the weeks left may give. Value and limit: shares of the pace. */
export const goalFarFromFitness = {
  code: 'goal-far-from-fitness',
  level: 'caution',
  run(context) {
    const { wishes, weeks } = context.block;
    const gap = goalGap(wishes, context.rules, dayOf(context));
    if (!gap || gap.within) return [];
    return [{ weeks: [weeks.length], value: gap.share, limit: gap.reachable }];
  },
  fixes({ limit }, context) {
    const { race } = context.block.wishes;
    const gap = goalGap(context.block.wishes, context.rules, dayOf(context));
    if (!gap) return [];
    const seconds = (gap.current * (1 - limit) * race.distance) / 1000;
    // Up to a whole second, so that rounding does not ask for too much again.
    const goalTime = Math.ceil(seconds);
    return [
      {
        label: `Set the goal to ${formatDuration(goalTime)}`,
        change: { race: { ...race, goalTime } },
      },
    ];
  },
} as const satisfies Check;
