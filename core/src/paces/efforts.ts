import type { Result } from '../spec/choices/index.js';
import { type CivilDate, differenceInDays } from '../base/index.js';
import { predictTime } from './riegel.js';

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

/**
 * The efforts that do not contradict a newer one: of two, the longer is no quicker
 * than the shorter predicts. The newest first; it always stays.
 */
export function consistent(efforts: readonly [Effort, ...Effort[]]): [Effort, ...Effort[]] {
  const [newest, ...older] = efforts;
  const kept: [Effort, ...Effort[]] = [newest];
  for (const effort of older) {
    const fits = kept.every((other) => {
      const [short, long] = effort.distance < other.distance ? [effort, other] : [other, effort];
      return predictTime(short, long.distance) <= long.time * (1 + 1e-9);
    });
    if (fits) kept.push(effort);
  }
  return kept;
}

/** What a result loses against one as near that counts twice as much, in the log of distance. */
const PREFERENCE = 0.35;

/**
 * The effort that what is asked is predicted from: the one nearest in distance,
 * an older one only where it is nearer by far.
 */
export function leading(efforts: readonly [Effort, ...Effort[]], distance: number): Effort {
  const away = (effort: Effort) =>
    Math.abs(Math.log(distance / effort.distance)) - PREFERENCE * Math.log2(effort.weight);
  return efforts.reduce((best, next) => (away(next) < away(best) ? next : best));
}

/** Weeks from a result to `day`; negative for one that came later. */
export function ageInWeeks({ date }: Pick<Result, 'date'>, day: CivilDate): number {
  return differenceInDays(day, date) / 7;
}
