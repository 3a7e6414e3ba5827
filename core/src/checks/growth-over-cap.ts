import { fullWeek } from '../volume/climb.js';
import type { Check } from './finding.js';

/**
 * A week more than the cap above the last building week. Recovery weeks are
 * not the base of the next rise; a short first week counts as a whole one.
 * Value and limit: growth as a share.
 */
export const growthOverCap = {
  code: 'growth-over-cap',
  level: 'caution',
  run({ block: { weeks, wishes } }) {
    const limit = wishes.volume.growth.cap;
    let last = wishes.volume.start;
    return weeks.flatMap((week) => {
      const volume = fullWeek(week.volume, week.length);
      const value = volume / last - 1;
      if (week.kind === 'building') last = volume;
      return value > limit + 1e-9 ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
} as const satisfies Check;
