import { longRunShareLimit, perMetreOf } from '../../rules/index.js';
import { weekOfLongRun } from '../../layout/index.js';
import { check } from '../common/check.js';

/** A long run over its part of the week. Value and limit: shares. A short first week is left out. */
export const longRunOverShare = check({
  code: 'long-run-over-share',
  level: 'note',
  run({ block: { weeks, spec, easyPace }, rules }) {
    const perMetre = perMetreOf(spec.athlete.basis, easyPace);
    return weeks.flatMap(({ number, length, volume, longRun }) => {
      if (longRun === 0 || length < 7) return [];
      const value = longRun / volume;
      const limit = longRunShareLimit(weekOfLongRun(spec, volume, perMetre), rules);
      return value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
