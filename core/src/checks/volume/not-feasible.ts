import { fullWeek } from '../../layout/volume/climb.js';
import type { Check } from '../common/check.js';
import { lengthen, percent, say, volume } from '../../edit/fixes/week-fixes.js';

/** The wished peak is not reached. Value: the heaviest week laid out; limit: the peak; m or s. */
export const notFeasible = {
  code: 'not-feasible',
  level: 'caution',
  run({ block: { weeks, wishes } }) {
    const { peak } = wishes.volume;
    // Runs that stay as they are were chosen over the peak.
    if (wishes.week.midweek !== undefined) return [];
    const volumes = weeks.map((week) => fullWeek(week.volume, week.length));
    const value = Math.max(...volumes);
    if (value >= peak * (1 - 1e-9)) return [];
    return [{ weeks: [volumes.indexOf(value) + 1], value, limit: peak }];
  },
  fixes({ value }, context) {
    const { feasible, wishes } = context.block;
    const { start, growth } = wishes.volume;
    const peak = Math.max(start, value);
    // A tenth of a per cent more, so that rounding does not fall short again.
    const cap = Math.ceil((feasible.neededGrowth ?? 0) * 1000 + 1) / 1000;
    return [
      volume(context, `Settle for ${say(context, peak)}`, { peak, start: Math.min(start, peak) }),
      ...lengthen(context, feasible.extraWeeks ?? 0),
      ...(feasible.neededGrowth !== null && growth.school === 'percentage' && cap <= 1
        ? [volume(context, `Grow up to ${percent(cap)} a week`, { growth: { ...growth, cap } })]
        : []),
      ...(wishes.pins.length > 0 ? [{ label: 'Unpin every week', change: { pins: [] } }] : []),
    ];
  },
} as const satisfies Check;
