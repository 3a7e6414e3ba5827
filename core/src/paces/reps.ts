import { lapSeconds } from '../base/format/index.js';

/** What is done between repetitions. Metres, seconds. */
export type Rest =
  | { kind: 'jog-distance'; distance: number }
  | { kind: 'jog-time'; seconds: number }
  | { kind: 'standing'; seconds: number }
  | { kind: 'equal-time' };

/** Repetitions asked about. */
export interface RepsAsked {
  count: number;
  /** Metres each. */
  distance: number;
  /** Seconds per km. */
  pace: number;
  recovery: Rest;
  /** Seconds per km of a jog. */
  jogPace: number;
}

/** What they come to; recoveries are one fewer than repetitions. */
export interface Reps {
  /** Seconds of one repetition. */
  each: number;
  hardDistance: number;
  hardTime: number;
  recoveries: number;
  totalDistance: number;
  totalTime: number;
}

/**
 * The arithmetic of repetitions, in laps and recoveries as they are shown, so
 * that a coach who adds them up by hand finds the same. Standing and jogging by time cover what a jog
 * covers in it to the metre; standing covers nothing.
 *
 * @example reps({ count: 6, distance: 1000, pace: 240, recovery: { kind: 'jog-time', seconds: 90 }, jogPace: 360 })
 * // 6 × 4:00, 5 recoveries: 31:30 in all, 7250 m
 */
export function reps({ count, distance, pace, recovery, jogPace }: RepsAsked): Reps {
  const each = lapSeconds(pace, distance);
  const recoveries = Math.max(0, count - 1);
  const rest = between();
  return {
    each,
    hardDistance: count * distance,
    hardTime: tenths(count * each),
    recoveries,
    totalDistance: count * distance + recoveries * rest.distance,
    totalTime: tenths(count * each + recoveries * rest.seconds),
  };

  function between(): { distance: number; seconds: number } {
    if (recovery.kind === 'jog-distance') {
      return { distance: recovery.distance, seconds: lapSeconds(jogPace, recovery.distance) };
    }
    const seconds = recovery.kind === 'equal-time' ? each : recovery.seconds;
    const jogged = recovery.kind === 'standing' ? 0 : Math.round((seconds / jogPace) * 1000);
    return { distance: jogged, seconds };
  }
}

/** Without the dust that sums of tenths gather. */
function tenths(seconds: number): number {
  return Math.round(10 * seconds) / 10;
}
