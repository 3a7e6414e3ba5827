import type { PaceRange } from '@nadir/core/paces';
import { scaleLinear } from 'd3-scale';

/** One scale for every pace of a table: slow at the left, quick at the right. */
export interface PaceScale {
  /** Pixel of a pace in s/km. */
  x: (secondsPerKm: number) => number;
  /** Round paces in s per shown unit, with their pixel. */
  ticks: { x: number; seconds: number }[];
}

/** Seconds between ticks: whole halves of a minute. */
const TICKS = 5;

/**
 * A scale that holds every range given.
 *
 * @param perUnit metres of the unit that ticks are round in
 */
export function paceScale(ranges: readonly PaceRange[], width: number, perUnit: number): PaceScale {
  const all = ranges.flatMap(({ quick, slow }) => [quick, slow]);
  const factor = perUnit / 1000;
  const [quickest, slowest] = all.length > 0 ? [Math.min(...all), Math.max(...all)] : [180, 360];
  const scale = scaleLinear([slowest + 5, quickest - 5], [8, width - 8]);
  const first = Math.ceil(((quickest - 5) * factor) / 60) * 60;
  const last = (slowest + 5) * factor;
  const count = Math.max(0, Math.floor((last - first) / 60) + 1);
  const every = Math.max(1, Math.ceil(count / TICKS));
  const ticks = Array.from({ length: Math.ceil(count / every) }, (_, index) => {
    const seconds = first + index * every * 60;
    return { seconds, x: scale(seconds / factor) };
  });
  return { x: (secondsPerKm) => scale(secondsPerKm), ticks };
}
