import { type CivilDate, sum } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { type DayTimes, dayTimes } from './day-times.js';
import { defaultPacesOf } from './default-paces.js';
import type { PaceSubject } from './fitness.js';
import type { TimeFor } from './model.js';
import { middleOf, rangeOf } from './pace-range.js';

/**
 * Policy: with neither a result nor a goal, easy running by the mean of the recent
 * weeks: who runs more is taken to run quicker. Kilometres a week, and s/km up to them.
 */
const GUESSES = [
  { upTo: 30, pace: 390 },
  { upTo: 50, pace: 360 },
  { upTo: 75, pace: 335 },
  { upTo: 110, pace: 305 },
  { upTo: Infinity, pace: 285 },
];
/** With no recent weeks either. */
const UNKNOWN = 360;

/** A guess at easy pace, s/km, where neither a result nor a goal tells it. */
export function guessedEasy({ recentWeeks, basis }: PaceSubject['athlete']): number {
  if (recentWeeks.length === 0) return UNKNOWN;
  const mean = sum(recentWeeks) / recentWeeks.length;
  const km = basis === 'time' ? mean / UNKNOWN : mean / 1000;
  return GUESSES.find(({ upTo }) => km < upTo)?.pace ?? UNKNOWN;
}
/** Paces that running is laid out at where nothing quicker is asked. */
export type LoosePace = 'easy' | 'recovery';

/**
 * Easy pace by day in seconds per kilometre, to whole 5 s: the middle of the
 * coach’s pace `easy`, or of the product’s where the coach has taken it out; a
 * guess where nothing tells it. In recovery weeks the pace `recovery`, which is
 * 35 to 40 s/km slower unless the coach has it otherwise.
 *
 * @example 10 km in 40:30 predicts a marathon at 265 s/km, so easy is 335 s/km (5:35).
 */
export function easyPaces(
  subject: PaceSubject,
  rules: HouseRules,
  times: DayTimes = dayTimes(subject, rules),
  id: LoosePace = 'easy',
): (day: CivilDate) => number {
  const usual = defaultPacesOf(subject.engine);
  const named = [...subject.paces.table, ...usual].find((pace) => pace.id === id);
  const known = new Map<TimeFor | undefined, number>();
  return (day) => {
    const used = times(day);
    const pace = known.get(used) ?? paceAt(used);
    known.set(used, pace);
    return pace;
  };

  function paceAt(used: TimeFor | undefined): number {
    const range = used && named && rangeOf(named, used);
    return range ? 5 * Math.round(middleOf(range) / 5) : guessedLoose(subject.athlete, id);
  }
}

/** Policy: recovery pace against a guess at easy pace, s/km. */
const SLOWER = 40;

/** A guess at easy or recovery pace, s/km. */
export function guessedLoose(athlete: PaceSubject['athlete'], id: LoosePace): number {
  return guessedEasy(athlete) + (id === 'easy' ? 0 : SLOWER);
}
