import { blockLength } from '../rules/house-rules.js';
import { raceClass } from '../rules/race-class.js';

/**
 * How many weeks to lay out: what is usual for the distance, or the weeks that
 * are left when they are fewer.
 *
 * @param distance metres
 * @param left weeks from this one to race week, both counted
 */
export function suggestWeeks(distance: number, left: number): { weeks: number; because: string } {
  const { name, blockWeeks } = raceClass(distance);
  const weeks = Math.max(blockLength.least, Math.min(blockWeeks.usual, left));
  const usual = `${blockWeeks.usual} is usual for the ${name}; ${blockWeeks.least} at least, ${blockWeeks.most} at most.`;
  return { weeks, because: left < blockWeeks.usual ? `${left} weeks are left. ${usual}` : usual };
}
