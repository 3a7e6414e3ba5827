import { fullWeek } from '../volume/climb.js';
import type { Check } from './finding.js';

/** A centimetre or a hundredth of a second: noise of rounding, not growth. */
const WITHIN_MEASURING = 0.01;

/**
 * A week more than the cap above the last building week. Recovery weeks are
 * not the base of the next rise; a short first week counts as the start it is taken from.
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
      const over = volume > last * (1 + limit) + WITHIN_MEASURING;
      const value = volume / last - 1;
      if (week.kind === 'building' && week.volumeRule !== 'short-first-week') last = volume;
      return over ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
} as const satisfies Check;
