import { raceRules } from '../../rules/index.js';
import type { CheckContext } from '../common/check.js';

/** Floating-point noise in a length, m or s. */
const NOISE = 0.5;

/**
 * What is laid after the peak is shorter on purpose and not counted.
 *
 * @param leeway what rounding may take of a run that still counts, m or s
 */
export function nearPeak({ block: { weeks, spec }, rules }: CheckContext, leeway = NOISE) {
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  const least = rules.longRun.nearPeak * longest - leeway;
  const near = weeks.filter(
    ({ longRun, longRunRule }) => longRun > 0 && longRun >= least && longRunRule !== 'after-peak',
  );
  return {
    weeks: near,
    limits: raceRules(rules, spec.race.distance).longRunsNearPeak,
  };
}
