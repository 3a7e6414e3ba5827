import { taperSchools } from '../../layout/schools/index.js';
import { raceRules } from '../../rules/index.js';
import type { CheckContext } from '../common/check.js';

export function taperWeeks({ block: { weeks } }: CheckContext): number[] {
  return weeks.filter(({ taperShare }) => taperShare < 1).map(({ number }) => number);
}

/** Days before the race on which the school runs less, within the weeks that taper. */
export function taperDays({ block: { weeks, spec }, rules }: CheckContext): number {
  const race = raceRules(rules, spec.race.distance);
  const { share } = taperSchools[spec.taper.school];
  const most = 7 * weeks.filter(({ taperShare }) => taperShare < 1).length;
  let days = 0;
  while (days < most && share(days + 1, race) < 1) days++;
  return days;
}
