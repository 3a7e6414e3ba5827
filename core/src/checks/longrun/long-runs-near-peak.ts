import { raceRules } from '../../rules/index.js';
import type { CheckContext } from '../common/check.js';

/** What is laid after the peak is shorter on purpose and not counted. */
export function nearPeak({ block: { weeks, spec }, rules }: CheckContext) {
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  const near = weeks.filter(
    ({ longRun, longRunRule }) =>
      longRun > 0 && longRun >= rules.longRun.nearPeak * longest && longRunRule !== 'after-peak',
  );
  return {
    weeks: near,
    limits: raceRules(rules, spec.race.distance).longRunsNearPeak,
  };
}
