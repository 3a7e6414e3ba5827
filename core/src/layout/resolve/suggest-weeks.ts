import { type HouseRules, blockLength, raceRules } from '../../rules/index.js';

/**
 * How many weeks to lay out: what is usual for the distance, or the weeks that
 * are left when they are fewer.
 *
 * @param distance metres
 * @param left weeks from this one to race week, both counted
 */
export function suggestWeeks(distance: number, left: number, rules: HouseRules): number {
  const { usual } = raceRules(rules, distance).weeks;
  return Math.max(blockLength.least, Math.min(usual, left));
}
