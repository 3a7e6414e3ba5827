import { sum } from '../base/index.js';

/** One split, in whole seconds that add up to the target. */
export interface Split {
  /** Metres run at its end. */
  at: number;
  /** Metres of it. */
  distance: number;
  seconds: number;
  /** Seconds run at its end. */
  elapsed: number;
}

/** A race or a repetition to be split. */
export interface SplitAsked {
  /** Metres. */
  distance: number;
  /** Seconds. */
  time: number;
  /** Metres a split; the last may be shorter. */
  every: number;
  /**
   * Seconds per km against the mean, over equal parts of the way: `[0]` is even,
   * `[3, -3]` a second half quicker. Only how they differ counts: the target stands.
   */
  shape: readonly number[];
}

/** More splits than anyone reads. */
export const MOST_SPLITS = 500;

/**
 * Splits that meet a target time exactly.
 *
 * @returns empty where there is nothing to split, or more than 500 splits
 * @example splits({ distance: 2000, time: 480, every: 1000, shape: [3, -3] }) // 243 + 237 s
 */
export function splits({ distance, time, every, shape }: SplitAsked): Split[] {
  const count = Math.ceil(distance / every - 1e-9);
  if (!(distance > 0 && time > 0 && every > 0) || count > MOST_SPLITS) return [];
  const offsets = shape.length === 0 ? [0] : shape;
  const part = distance / offsets.length;
  const mean = sum(offsets) / offsets.length;
  const ends = Array.from({ length: count }, (_, index) => Math.min(distance, (index + 1) * every));
  const elapsed = ends.map((at) => Math.round(secondsAt(at)));
  return ends.map((at, index) => ({
    at,
    distance: at - (ends[index - 1] ?? 0),
    seconds: (elapsed[index] ?? 0) - (elapsed[index - 1] ?? 0),
    elapsed: elapsed[index] ?? 0,
  }));

  /** Even running, and what the parts so far were slower or quicker. */
  function secondsAt(at: number): number {
    const against = offsets.map((offset, index) => {
      const within = Math.min(part, Math.max(0, at - index * part));
      return ((offset - mean) * within) / 1000;
    });
    return (time * at) / distance + sum(against);
  }
}
