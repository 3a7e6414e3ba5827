import { formatPace, formatFinePercent } from '../base/format/index.js';
import { metresPer, type Unit } from '../base/index.js';
import type { GoalGap } from './goal-gap.js';

/** The gap to the goal in plain sentences: seconds, per cent, and what the weeks may give. */
export function gapWords(
  { current, goal, share, weeks, reachable, within }: GoalGap,
  unit: Unit,
): string {
  const paces = `Today’s fitness is ${formatPace(current, unit)} at race distance, the goal ${formatPace(goal, unit)}`;
  if (share <= 0) return `${paces}: it asks for no more than the results already say.`;
  // From the paces as they are shown, so that they differ by what is said.
  const shown = (pace: number) => Math.round((pace * metresPer(unit)) / 1000);
  const asks = `${paces}: ${shown(current) - shown(goal)} s/${unit} or ${formatFinePercent(share)} to gain.`;
  if (within && share > reachable)
    return `${asks} A prediction may be out by as much: within reach.`;
  const whole = Math.round(weeks);
  const may = `In ${whole} ${whole === 1 ? 'week' : 'weeks'} about ${formatFinePercent(reachable)} may be gained`;
  return `${asks} ${may}, by a rule of thumb and no promise: ${within ? 'within reach' : 'more than is reasonable'}.`;
}
