import type { TimeFor } from './model.js';

/** Where a heart rate is counted from: shares of maximum or of reserve, or beats themselves. */
export const heartScales = ['maximum', 'reserve', 'beats'] as const;
export type HeartScale = (typeof heartScales)[number];

/** Shares 0–1 of the athlete’s own, or beats a minute. */
export interface HeartBand {
  of: HeartScale;
  from: number;
  to: number;
}

/** One of the coach’s paces: plain words, and where it comes from. */
export interface NamedPace {
  /** Never changes, so that what uses the pace follows when it is renamed. */
  id: string;
  name: string;
  /** The pace of a race over metres, or of a race that lasts seconds. */
  base: { race: number } | { lasts: number };
  /** Seconds per km against it, the quick end first; positive is slower. */
  offset: [quick: number, slow: number];
  heart?: HeartBand | undefined;
  /** How it feels, in words. */
  effort?: string | undefined;
  /** How much can be said while running it. */
  talk?: string | undefined;
}

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
function distanceIn(seconds: number, timeFor: TimeFor): number {
  let [least, most] = [NEAREST, FURTHEST];
  for (let turn = 0; turn < HALVINGS; turn++) {
    const middle = (least + most) / 2;
    // A model that says nothing of short races counts as reaching them at once.
    if (timeFor(middle) > seconds) most = middle;
    else least = middle;
  }
  return (least + most) / 2;
}
