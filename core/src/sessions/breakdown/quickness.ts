import { METRES_PER_MILE } from '../../base/index.js';
import { QUICKEST_PACE } from '../../paces/index.js';
import { metresOf } from '../shorthand/amounts.js';
import { RACE_PACE, type SessionPaces } from '../shorthand/session-paces.js';
import type { PaceEnd, PaceMention, SessionAmount, Target } from '../shorthand/session.js';

/** How quick something is run, and by which of the coach's paces. */
export interface Quickness {
  /** Seconds per km. */
  pace: number;
  hard: boolean;
  /** Id of the pace, where it names one. */
  named?: string | undefined;
}

/** The paces of a day, and the names met that are none of them. */
export interface Reading {
  paces: SessionPaces;
  unknown: Set<string>;
}

/** Effort out of ten from which running is hard, and the pace it is counted at. Policy. */
const HARD_EFFORT = 7;

/** How quick an amount is run at its target; easy where it has none. */
export function quicknessOf(
  reading: Reading,
  target: Target | undefined,
  amount: SessionAmount,
): Quickness {
  const { paces } = reading;
  const exact = (pace: number): Quickness => ({ pace, hard: pace <= paces.hardFrom });
  switch (target?.kind) {
    case 'pace':
      return mentioned(reading, target);
    case 'exact':
      return exact(perKm((target.seconds + (target.most ?? target.seconds)) / 2, target.per));
    case 'each': {
      const metres = metresOf(amount) ?? 1000;
      return exact((((target.seconds + (target.most ?? target.seconds)) / 2) * 1000) / metres);
    }
    case 'heart-share':
      return exact(paces.atHeart((target.from + target.to) / 200) ?? paces.easy);
    case 'effort':
      return target.level >= HARD_EFFORT
        ? { pace: paces.hardFrom, hard: true }
        : { pace: paces.easy, hard: false };
    default:
      return { pace: paces.easy, hard: false };
  }
}

/** How quick a named pace is. */
export function mentioned(reading: Reading, { name, offset }: PaceMention): Quickness {
  const found = reading.paces.find(name);
  if (!found) {
    reading.unknown.add(name);
    return { pace: reading.paces.easy, hard: false };
  }
  const pace = Math.max(QUICKEST_PACE, found.pace + offset);
  // Strides are quick, and over before they are hard; race pace is hard however slow the goal.
  const hard = pace <= reading.paces.hardFrom || (found.id === RACE_PACE && offset <= 0);
  return { pace, hard: hard && found.id !== 'strides', named: found.id };
}

/** Seconds per km where a progression begins or ends. */
export function endPace(reading: Reading, end: PaceEnd): number {
  return 'seconds' in end ? perKm(end.seconds, end.per) : mentioned(reading, end).pace;
}

/** The pace of one of so many even steps. */
export function stepPace([first, last]: readonly [number, number], step: number, steps: number) {
  return steps < 2 ? last : first + ((last - first) * step) / (steps - 1);
}

function perKm(seconds: number, per: 'km' | 'mi'): number {
  return per === 'mi' ? (seconds * 1000) / METRES_PER_MILE : seconds;
}
