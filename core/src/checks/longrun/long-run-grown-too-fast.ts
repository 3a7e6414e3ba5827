import { longRunGrowthLimit, perMetreOf } from '../../rules/limits/index.js';
import { restartLongRun, restarts } from '../../layout/index.js';
import { check } from '../common/check.js';

/** A long run too far beyond the longest before it. Value and limit: m or s. */
export const longRunGrownTooFast = check({
  code: 'long-run-grown-too-fast',
  level: 'caution',
  run({ block: { weeks, spec, easyPace }, rules }) {
    const perMetre = perMetreOf(spec.athlete.basis, easyPace);
    let longest = Math.max(spec.longRun.start, spec.athlete.longestRecentRun ?? 0);
    return weeks.flatMap((week) => {
      const { number, longRun: value } = week;
      const limit = longRunGrowthLimit(longest, rules, { perMetre, unit: spec.athlete.unit });
      const anew = restarts(spec, week) ? restartLongRun(spec, week) : 0;
      longest = anew > 0 ? anew : Math.max(longest, value);
      return value > limit + 1e-6 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
