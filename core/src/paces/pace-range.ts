import type { NamedPace } from '../spec/choices/index.js';
import type { TimeFor } from './model.js';

/** Seconds per km that nothing is worked out quicker than, whatever is taken off a pace. */
export const QUICKEST_PACE = 60;

/** Seconds per km; the two ends are one where a pace is no range. */
export interface PaceRange {
  quick: number;
  slow: number;
}

/**
 * A named pace in seconds per kilometre.
 *
 * @returns undefined where the model says nothing of its base
 */
export function rangeOf({ base, offset }: NamedPace, timeFor: TimeFor): PaceRange | undefined {
  const distance = 'race' in base ? base.race : distanceIn(base.lasts, timeFor);
  const pace = (timeFor(distance) / distance) * 1000;
  if (!Number.isFinite(pace)) return undefined;
  const [quick, slow] = offset.map((each) => Math.max(QUICKEST_PACE, pace + each));
  return { quick: quick ?? pace, slow: slow ?? pace };
}

/** The middle of a range, s/km. */
export function middleOf({ quick, slow }: PaceRange): number {
  return (quick + slow) / 2;
}

const NEAREST = 100;
const FURTHEST = 300_000;
/** Halvings after which the distance is known to a centimetre. */
const HALVINGS = 60;

/** Metres run in a race of so many seconds: where `timeFor` reaches them, by bisection. */
export function distanceIn(seconds: number, timeFor: TimeFor): number {
  let [least, most] = [NEAREST, FURTHEST];
  for (let turn = 0; turn < HALVINGS; turn++) {
    const middle = (least + most) / 2;
    // A model that says nothing of short races counts as reaching them at once.
    if (timeFor(middle) > seconds) most = middle;
    else least = middle;
  }
  return (least + most) / 2;
}
