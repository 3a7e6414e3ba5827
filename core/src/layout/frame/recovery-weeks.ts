import type { RecoverySpec } from '../../spec/index.js';

/** Building weeks that stand between the last recovery week and the taper, where there are as many. */
const LAST_BUILDING_WEEKS = 2;

/**
 * Numbers of the scheduled recovery weeks: every so many weeks from the start, or
 * where the coach places them. None in week 1, in the taper, nor in the week before
 * it: where one would be due there, the last ones stand nearer together, so that
 * there are never more building weeks in a row than were asked.
 *
 * @param building weeks before the taper
 * @example every 4th of 15 weeks: 4, 8 and 12; of 12 weeks: 4, 7 and 10
 */
export function recoveryWeeks({ every, weeks }: RecoverySpec, building: number): Set<number> {
  if (weeks) return new Set(weeks.filter((week) => week > 1 && week < building));
  if (every === 'none') return new Set();
  const before = building % every === 0 ? stretches(every - 1, building) : undefined;
  if (before) return new Set(ends(before).slice(0, -1));
  return new Set(Array.from({ length: Math.floor(building / every) }, (_, n) => (n + 1) * every));
}

/** The weeks after so many building weeks each. */
function ends(stretches: readonly number[]): number[] {
  let week = 0;
  return stretches.map((stretch) => (week += stretch + 1));
}

/** Building weeks before each recovery week and before the taper: as few recovery weeks as keep all of them short. */
function stretches(most: number, weeks: number): number[] {
  const rests = Math.max(0, Math.ceil((weeks - most) / (most + 1)));
  const found = new Array<number>(rests + 1).fill(most);
  let over = most * (rests + 1) - (weeks - rests);
  // The last ones give way: first to two weeks each, then those before the taper's own to one.
  for (const [least, from] of [
    [LAST_BUILDING_WEEKS, rests],
    [1, rests - 1],
    [1, rests],
  ] as const) {
    for (let at = from; at >= 0 && over > 0; at--) {
      const gives = Math.min(over, Math.max(0, (found[at] ?? 0) - least));
      found[at] = (found[at] ?? 0) - gives;
      over -= gives;
    }
  }
  return found;
}
