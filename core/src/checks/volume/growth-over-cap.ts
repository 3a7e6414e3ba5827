import { growthLimit } from '../../rules/index.js';
import { isBase, wholeWeek } from '../../layout/index.js';
import { check } from '../common/check.js';

/**
 * A week more than the cap above the last building week. Recovery weeks and
 * weeks that an event cuts are not the base of the next rise; a short first
 * week counts as the start it is taken from. Value and limit: growth as a share.
 */
export const growthOverCap = check({
  code: 'growth-over-cap',
  level: 'caution',
  run({ block: { weeks, spec } }) {
    const limit = spec.volume.growth.cap;
    let last = spec.volume.start;
    let heaviest = last;
    return weeks.flatMap((week) => {
      const full = wholeWeek(spec, week);
      // A taper comes down from the heaviest week, whatever the last one was.
      const base = week.taperShare < 1 ? heaviest : last;
      const over = full > growthLimit(base, limit) + WITHIN_MEASURING;
      const value = full / base - 1;
      // A week without running is nothing to grow from: what stood before it is.
      if (isBase(week) && full > 0) last = full;
      heaviest = Math.max(heaviest, last);
      return over ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
});

/** A centimetre or a hundredth of a second: noise of rounding, not growth. */
const WITHIN_MEASURING = 0.01;
