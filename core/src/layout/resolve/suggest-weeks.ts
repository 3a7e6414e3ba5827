import { type HouseRules, blockLength, raceRules } from '../../rules/house-rules.js';
import { raceClass } from '../../rules/race-class.js';

/**
 * How many weeks to lay out: what is usual for the distance, or the weeks that
 * are left when they are fewer.
 *
 * @param distance metres
 * @param left weeks from this one to race week, both counted
 */
export function suggestWeeks(
  distance: number,
  left: number,
  rules: HouseRules,
): { weeks: number; because: string } {
  const { least, usual: wanted, most } = raceRules(rules, distance).weeks;
  const weeks = Math.max(blockLength.least, Math.min(wanted, left));
  const usual = `${wanted} is usual for the ${raceClass(distance).words}; ${least} at least, ${most} at most.`;
  return { weeks, because: left < wanted ? `${left} weeks are left. ${usual}` : usual };
}
