import { check } from '../common/check.js';

/** A week too far above the recovery week before it. Value and limit: rise as a share. */
export const jumpAfterRecovery = check({
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
});
