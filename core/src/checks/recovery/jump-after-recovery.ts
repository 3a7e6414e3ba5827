import type { Check } from '../common/check.js';
import { pinAt, recovery, unpin } from '../../edit/fixes/week-fixes.js';

/** A week too far above the recovery week before it. Value and limit: rise as a share. */
export const jumpAfterRecovery = {
  code: 'jump-after-recovery',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.recovery.mostReturn;
    return weeks.flatMap((week, index) => {
      const before = weeks[index - 1];
      // Days away are not a recovery week: what stood before them stands again.
      if (!before?.recovery || before.volumeRule === 'event' || before.volume <= 0) return [];
      const value = week.volume / before.volume - 1;
      return value > limit + 1e-9 ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
  fixes({ weeks: [week = 2], limit }, context) {
    const before = context.block.weeks[week - 2]?.volume ?? 0;
    const { leastDepth } = context.rules.recovery;
    return [
      recovery(context, 'Resume where it was', { reEntry: 'resume' }),
      recovery(context, 'Take less off in recovery weeks', { depth: leastDepth }),
      ...pinAt(context, week, 'volume', before * (1 + limit)),
      ...unpin(context, week, 'volume'),
      ...unpin(context, week - 1, 'volume'),
    ];
  },
} as const satisfies Check;
