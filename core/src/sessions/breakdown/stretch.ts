import type { SessionAmount } from '../shorthand/session.js';
import { metresOf, secondsOf } from '../shorthand/amounts.js';
import type { Quickness } from './quickness.js';

/** Some running, or some rest, as it comes one after the other. */
export interface Stretch {
  words: string;
  /** Metres run; none while standing or walking. */
  distance: number;
  /** Seconds. */
  time: number;
  /** Seconds per km; undefined at rest. */
  pace: number | undefined;
  hard: boolean;
  /** Id of the coach's pace it names, or `race pace`; undefined where it names none. */
  named?: string | undefined;
}

/** Seconds per km walked. Policy. */
const WALK = 600;

/** Some running, as quick as that. */
export function stretch(
  words: string,
  amount: SessionAmount,
  { pace, hard, named }: Quickness,
): Stretch {
  const metres = metresOf(amount);
  const time = metres === undefined ? secondsOf(amount) : (metres * pace) / 1000;
  const part = { words, distance: metres ?? (time / pace) * 1000, time, pace, hard };
  return named === undefined ? part : { ...part, named };
}

/** Time that is not run: standing, walking, drills. A distance of it is walked. */
export function rest(words: string, amount: SessionAmount): Stretch {
  const metres = metresOf(amount);
  const time = metres === undefined ? secondsOf(amount) : (metres * WALK) / 1000;
  return { words, distance: 0, time, pace: undefined, hard: false };
}
