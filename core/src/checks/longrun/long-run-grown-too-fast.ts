import { longRunGrowthLimit } from '../../layout/longrun/limits.js';
import type { Check } from '../common/check.js';
import { longRun, pinAt, say, unpin } from '../../edit/fixes/week-fixes.js';

/** A long run too far beyond the longest before it. Value and limit: m or s. */
export const longRunGrownTooFast = {
  code: 'long-run-grown-too-fast',
  level: 'caution',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    let longest = Math.max(wishes.longRun.start, wishes.athlete.longestRecentRun ?? 0);
    return weeks.flatMap(({ number, longRun: value }) => {
      const limit = longRunGrowthLimit(wishes, rules, longest, easyPace);
      longest = Math.max(longest, value);
      return value > limit + 1e-6 ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes({ weeks: [week = 1], limit }, context) {
    const { start, peak } = context.block.wishes.longRun;
    return [
      ...pinAt(context, week, 'longRun', limit),
      ...unpin(context, week, 'longRun'),
      ...(peak > start
        ? [longRun(context, `Ask for ${say(context, start)} at the peak`, { peak: start })]
        : []),
    ];
  },
} as const satisfies Check;
