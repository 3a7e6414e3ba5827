import type { Check } from '../common/check.js';
import { longRun, say } from '../../edit/fixes/week-fixes.js';

/** The wished peak long run is not reached under its caps. Value: the longest laid out; limit: the wish; m or s. */
export const longRunHeldDown = {
  code: 'long-run-held-down',
  level: 'note',
  run({ block: { weeks, wishes } }) {
    const limit = wishes.longRun.peak;
    const value = Math.max(...weeks.map(({ longRun }) => longRun));
    if (value >= limit - 1e-6) return [];
    const held = weeks.find(({ longRun }) => longRun === value);
    return [{ weeks: held ? [held.number] : [], value, limit }];
  },
  fixes: ({ value }, context) => [
    longRun(context, `Ask for ${say(context, value)}`, {
      peak: value,
      start: Math.min(value, context.block.wishes.longRun.start),
    }),
  ],
} as const satisfies Check;
