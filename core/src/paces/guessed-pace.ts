import { sum } from '../base/index.js';
import type { Athlete } from '../spec/index.js';
import type { TimeFor } from './model.js';
import { predictTime } from './riegel.js';

/** What a guess rests on. */
type Guessing = Pick<Athlete, 'recentWeeks' | 'basis'>;

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
export function guessedEasy({ recentWeeks, basis }: Guessing): number {
  if (recentWeeks.length === 0) return UNKNOWN;
  const mean = sum(recentWeeks) / recentWeeks.length;
  const km = basis === 'time' ? mean / UNKNOWN : mean / 1000;
  return GUESSES.find(({ upTo }) => km < upTo)?.pace ?? UNKNOWN;
}
/** Paces that running is laid out at where nothing quicker is asked. */
export type LoosePace = 'easy' | 'recovery';

/** Policy: recovery pace against a guess at easy pace, s/km. */
const SLOWER = 40;

/** A guess at easy or recovery pace, s/km. */
export function guessedLoose(athlete: Guessing, id: LoosePace): number {
  return guessedEasy(athlete) + (id === 'easy' ? 0 : SLOWER);
}

const MARATHON = 42_195;
/** Policy: a guess at easy pace against the marathon's, s/km: the middle of the starting table's. */
const EASY_BEHIND_MARATHON = 70;

/**
 * Times to size sessions by where neither a result nor a goal tells any, by
 * Riegel's power law from the guess at easy pace. Nobody is told to run them.
 *
 * @returns seconds for metres
 * @example 40 km a week guess easy at 360 s/km, the marathon at 290, 10 km at 266 (4:26)
 */
export function guessedTimes(athlete: Guessing): TimeFor {
  const time = ((guessedEasy(athlete) - EASY_BEHIND_MARATHON) * MARATHON) / 1000;
  return (distance) => predictTime({ distance: MARATHON, time }, distance);
}
