import { longRunShareLimit } from '../../layout/longrun/limits.js';
import type { Check } from '../common/check.js';
import { pinAt, unpin } from '../../edit/fixes/week-fixes.js';

/** A long run over its part of the week. Value and limit: shares. A short first week is left out. */
export const longRunOverShare = {
  code: 'long-run-over-share',
  level: 'note',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    return weeks.flatMap(({ number, length, volume, longRun }) => {
      if (longRun === 0 || length < 7) return [];
      const value = longRun / volume;
      const limit = longRunShareLimit(wishes, rules, volume, easyPace);
      return value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes({ weeks: [week = 1], limit }, context) {
    const laid = context.block.weeks[week - 1];
    return [
      ...pinAt(context, week, 'longRun', (laid?.volume ?? 0) * limit),
      ...unpin(context, week, 'longRun'),
      ...unpin(context, week, 'volume'),
    ];
  },
} as const satisfies Check;
