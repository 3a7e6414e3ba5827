import { layoutStep } from '../../rules/index.js';
import { leastLongRun, longRunShareLimit, perMetreOf } from '../../rules/limits/index.js';
import { runDaysOf } from '../../spec/index.js';
import { weekOfLongRun } from '../../layout/index.js';
import { check } from '../common/check.js';

const CUT: ReadonlySet<string> = new Set(['recovery', 'after-peak', 'event']);

/** A long run over its part of the week. Value and limit: shares. A short first week is left out. */
export const longRunOverShare = check({
  code: 'long-run-over-share',
  level: 'note',
  run({ block: { weeks, spec, easyPace }, rules }) {
    const perMetre = perMetreOf(spec.athlete.basis, easyPace);
    return weeks.flatMap(
      ({ number, length, volume, longRun, volumeRule, longRunRule, taperShare, recovery }) => {
        // Some weeks are cut run by run; one that its runs hold down was meant to be more.
        const isCut =
          CUT.has(longRunRule) ||
          (longRunRule !== 'pin' && (taperShare < 1 || recovery || volumeRule === 'event'));
        // Of two runs one is half the week and more, whatever is asked.
        const isHalf = longRunRule !== 'pin' && runDaysOf(spec.week) <= 2;
        const isLess = isCut || isHalf || volumeRule === 'bounded';
        // One that is swapped for the pool is no part of what is run.
        if (longRun === 0 || longRun > volume || length < 7 || isLess) return [];
        const value = longRun / volume;
        const limit = longRunShareLimit(weekOfLongRun(spec, volume, perMetre), rules);
        // What was not asked for to the metre is laid out in whole steps, and no shorter than its week needs.
        const step = layoutStep(spec.athlete, rules);
        const least = leastLongRun(volume, runDaysOf(spec.week), step, rules) + step;
        const leeway = longRunRule === 'pin' ? 0 : Math.max(step / volume, least / volume - limit);
        return value > limit + leeway + 1e-9 ? [{ weeks: [number], value, limit }] : [];
      },
    );
  },
});
