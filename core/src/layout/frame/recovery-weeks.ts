import type { RecoverySpec } from '../../spec/index.js';
import type { Phase } from '../block/block.js';

/** Building weeks that must stand before a recovery week is worth taking. */
const LEAST_BUILDING_WEEKS = 2;

/**
 * Numbers of the scheduled recovery weeks: at the ends of phases where the
 * layout closes them, and every so many weeks back from there; else by count
 * from the start; or where the coach places them. None in the taper, nor in the
 * week before it, nor in week 1.
 *
 * @example every 4th of 18 weeks with a taper of 3: weeks 4, 8 and 12
 */
export function recoveryWeeks(
  wish: RecoverySpec,
  phases: readonly Phase[],
  lastBeforeTaper: number,
): Set<number> {
  const { every, weeks } = wish;
  if (weeks) return new Set(weeks.filter((week) => week > 1 && week < lastBeforeTaper));
  if (every === 'none') return new Set();
  const wanted = phases.some((phase) => phase.closes)
    ? phases.flatMap((phase) => inPhase(phase, every))
    : Array.from({ length: Math.floor(lastBeforeTaper / every) }, (_, n) => (n + 1) * every);
  return spaced(wanted.filter((week) => week < lastBeforeTaper));
}

function inPhase({ firstWeek, weeks, closes }: Phase, every: number): number[] {
  const found: number[] = [];
  const last = firstWeek + weeks - 1;
  const start = closes ? last : last - (weeks % every);
  for (let week = start; week > firstWeek; week -= every) found.unshift(week);
  return found;
}

function spaced(weeks: readonly number[]): Set<number> {
  const kept = new Set<number>();
  let previous = 0;
  for (const week of weeks) {
    if (week - previous <= LEAST_BUILDING_WEEKS) continue;
    kept.add(week);
    previous = week;
  }
  return kept;
}
