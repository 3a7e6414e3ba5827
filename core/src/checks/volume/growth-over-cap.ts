import { growthLimit } from '../../rules/limits/index.js';
import { mostOfARise, restarts, wholeWeek } from '../../layout/index.js';
import { isBase } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/**
 * A week more than the cap above the last building week; where a school's rise stands
 * for several weeks, more than that allows above the heaviest of them. Recovery weeks
 * and weeks that an event cuts are not the base of the next rise; a short first week
 * counts as the start it is taken from. Value and limit: growth as a share.
 */
export const growthOverCap = check({
  code: 'growth-over-cap',
  level: 'caution',
  run({ block: { weeks, spec } }) {
    const { growth, start } = spec.volume;
    const rise = mostOfARise(growth, spec);
    // A figure of the coach's own is no rise of the school's.
    const fixed = { weeks: 1, most: growth.cap };
    let built = [start];
    return weeks.flatMap((week) => {
      const full = wholeWeek(spec, week);
      const { weeks: count, most } = week.volumeRule === 'pin' ? fixed : rise;
      // A taper comes down from the heaviest week, whatever the last one was.
      const before = week.taperShare < 1 ? built : built.slice(-count);
      const base = Math.max(...before);
      const over = full > growthLimit(base, most) + WITHIN_MEASURING;
      if (restarts(spec, week))
        built = [spec.pins.find((pin) => pin.week === week.number)?.volume ?? full];
      // A week without running is nothing to grow from: what stood before it is.
      if (isBase(week) && full > 0) built.push(full);
      return over ? [{ weeks: [week.number], value: full / base - 1, limit: most }] : [];
    });
  },
});

/** A centimetre or a hundredth of a second: noise of rounding, not growth. */
const WITHIN_MEASURING = 0.01;
