import { raceRules } from '../../rules/house-rules.js';
import type { Check, CheckContext } from '../common/check.js';
import { longRun } from '../../edit/fixes/week-fixes.js';

/** Too few long runs near the longest. Value and limit: runs. */
export const fewLongRuns = {
  code: 'few-long-runs',
  level: 'caution',
  run(context) {
    const { weeks, limits } = nearPeak(context);
    const value = weeks.length;
    return value < limits.least ? [{ weeks, value, limit: limits.least }] : [];
  },
  fixes: (_, context) => [
    longRun(context, 'Climb straight', { ladder: 'straight' }),
    ...[2, 3, 4].map((weeks) =>
      longRun(context, `Last peak ${weeks} weeks out`, { lastPeakWeeksOut: weeks }),
    ),
  ],
} as const satisfies Check;

/** Too many long runs near the longest. Value and limit: runs. */
export const manyLongRuns = {
  code: 'many-long-runs',
  level: 'note',
  run(context) {
    const { weeks, limits } = nearPeak(context);
    const value = weeks.length;
    return value > limits.most ? [{ weeks, value, limit: limits.most }] : [];
  },
  fixes: (_, context) => [
    longRun(context, 'Two up, one back', { ladder: 'two-up-one-back' }),
    longRun(context, 'Long and less long by turns', { ladder: 'alternating' }),
  ],
} as const satisfies Check;

/** What is laid after the peak is shorter on purpose and not counted. */
function nearPeak({ block: { weeks, wishes }, rules }: CheckContext) {
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  const near = weeks.filter(
    ({ longRun, longRunRule }) =>
      longRun > 0 && longRun >= rules.longRun.nearPeak * longest && longRunRule !== 'after-peak',
  );
  return {
    weeks: near.map(({ number }) => number),
    limits: raceRules(rules, wishes.race.distance).longRunsNearPeak,
  };
}
