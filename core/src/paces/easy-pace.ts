import type { Athlete, Race } from '../wishes/wishes.js';
import { predictTime } from './riegel.js';

const MARATHON = 42_195;
/** Policy: easy is at least 40 s/km slower than marathon pace; 70 is usual. */
const SLOWER_THAN_MARATHON = 70;
/** Policy: with neither a result nor a goal, a plain 6:00 /km. */
const WITHOUT_ANY_RESULT = 360;

/**
 * Easy pace in seconds per kilometre, to whole 5 s: the marathon pace predicted
 * from the newest result (else from the goal) plus 70 s/km.
 *
 * @example 10 km in 40:30 predicts a marathon at 265 s/km, so easy is 335 s/km (5:35).
 */
export function easyPace(
  athlete: Pick<Athlete, 'results'>,
  race: Pick<Race, 'distance' | 'goalTime'>,
): number {
  const known = newestResult(athlete) ?? goal(race);
  if (!known) return WITHOUT_ANY_RESULT;
  const marathonPace = (predictTime(known, MARATHON) / MARATHON) * 1000;
  return 5 * Math.round((marathonPace + SLOWER_THAN_MARATHON) / 5);
}

function newestResult({ results }: Pick<Athlete, 'results'>) {
  return [...results].sort((a, b) => b.date.localeCompare(a.date))[0];
}

function goal({ distance, goalTime }: Pick<Race, 'distance' | 'goalTime'>) {
  return goalTime === undefined ? undefined : { distance, time: goalTime };
}
