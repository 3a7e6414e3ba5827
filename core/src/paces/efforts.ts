import type { Result } from '../spec/choices/index.js';
import { type CivilDate, differenceInDays } from '../base/index.js';

/** A full effort as the models take it. Metres and seconds. */
export interface Effort {
  date: CivilDate;
  distance: number;
  time: number;
  /** 1 on the day itself; half of it each time the weeks to stale go by. */
  weight: number;
}

/** After this many times the weeks to stale a result says nothing any more. */
const FORGOTTEN = 2;

/**
 * The full efforts that paces may rest on, newest first, of one day the longest
 * first: those up to and with
 * `day`, none older than twice the weeks to stale unless there is no other.
 * Where all came later, the first of them. Empty in, empty out.
 *
 * @param staleWeeks policy: weeks after which a result is stale
 */
export function effortsOn(
  results: readonly Result[],
  day: CivilDate,
  staleWeeks: number,
): Effort[] {
  const full = results
    .filter((result) => result.full !== false)
    .sort((a, b) => b.date.localeCompare(a.date) || b.distance - a.distance);
  const known = full.filter(({ date }) => date <= day);
  const recent = known.filter((result) => ageInWeeks(result, day) <= FORGOTTEN * staleWeeks);
  const chosen = recent.length > 0 ? recent : known.length > 0 ? known.slice(0, 1) : full.slice(-1);
  return chosen.map((result) => ({
    date: result.date,
    distance: result.distance,
    time: result.time,
    weight: 2 ** (-Math.max(0, ageInWeeks(result, day)) / staleWeeks),
  }));
}

/** Weeks from a result to `day`; negative for one that came later. */
export function ageInWeeks({ date }: Pick<Result, 'date'>, day: CivilDate): number {
  return differenceInDays(day, date) / 7;
}
