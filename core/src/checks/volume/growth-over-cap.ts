import { isBase } from '../../layout/block/is-base.js';
import { fullWeek } from '../../layout/volume/climb.js';
import type { Check } from '../common/check.js';
import { pinAt, unpin, volume } from '../../edit/fixes/week-fixes.js';

/** A centimetre or a hundredth of a second: noise of rounding, not growth. */
const WITHIN_MEASURING = 0.01;

/**
 * A week more than the cap above the last building week. Recovery weeks and
 * weeks that an event cuts are not the base of the next rise; a short first
 * week counts as the start it is taken from. Value and limit: growth as a share.
 */
export const growthOverCap = {
  code: 'growth-over-cap',
  level: 'caution',
  run({ block: { weeks, wishes } }) {
    const limit = wishes.volume.growth.cap;
    let last = wishes.volume.start;
    return weeks.flatMap((week) => {
      const full = fullWeek(week.volume, week.length);
      const over = full > last * (1 + limit) + WITHIN_MEASURING;
      const value = full / last - 1;
      // A week without running is nothing to grow from: what stood before it is.
      if (isBase(week) && full > 0) last = full;
      return over ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
  fixes({ weeks: [week = 1], value, limit }, context) {
    const laid = context.block.weeks[week - 1]?.volume ?? 0;
    const { growth } = context.block.wishes.volume;
    return [
      ...pinAt(context, week, 'volume', (laid / (1 + value)) * (1 + limit)),
      ...unpin(context, week, 'volume'),
      ...(growth.school === 'percentage'
        ? []
        : [
            volume(context, 'Grow by a percentage under the cap', {
              growth: { ...growth, school: 'percentage' },
            }),
          ]),
    ];
  },
} as const satisfies Check;
