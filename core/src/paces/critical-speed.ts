import { leastSquares } from './least-squares.js';
import type { PaceModel } from './model.js';
import { powerLawHolds } from './power-law.js';
import { predictTime } from './riegel.js';

/** Seconds up to which the speed is held. */
const FURTHEST = 1200;
/** Seconds an effort lasts to count: 2 to 15 minutes. */
const LASTS = { least: 120, most: 900 } as const;
/** Part of the slowest effort’s own speed that is held at least; under it the efforts are at fault (policy). */
const LEAST_HELD = 0.5;

/**
 * Critical speed: distance grows in a straight line with time,
 * D = CS·t + D′, so t = (D − D′) ÷ CS.
 *
 * Source: Hughson, Orok and Staudt, "A high velocity treadmill running test to
 * assess endurance running potential", Int. J. Sports Med. 5 (1984). Efforts of
 * 2–15 minutes.
 */
export const criticalSpeed: PaceModel = {
  title: 'Critical speed',
  purpose: 'Middle distance: a speed that can be held, and a store of metres beyond it.',
  cost: 'Needs two efforts of 2 to 15 minutes, and leaves races over 20 minutes to the power law.',
  fit(efforts) {
    const short = efforts.filter(({ time }) => lasts(time));
    const line = leastSquares(
      short.map(({ distance, time, weight }) => ({ x: time, y: distance, weight })),
    );
    if (!line) return 'Needs two recent efforts of 2 to 15 minutes that differ in time.';
    const { slope: speed, intercept: store } = line;
    if (store < 0) {
      return 'These efforts contradict each other: the longer one is too fast for the shorter. Check them.';
    }
    const slowest = Math.min(...short.map(({ distance, time }) => distance / time));
    if (speed < LEAST_HELD * slowest) {
      return 'These efforts contradict each other: the longer one is too slow for the shorter. Check them.';
    }
    const longest = efforts.reduce((most, next) => (next.time > most.time ? next : most));
    // Shorter than the store there is no time: the model says nothing there.
    const bySpeed = (distance: number) => (distance > store ? (distance - store) / speed : NaN);
    return {
      timeFor: (distance) => {
        const time = bySpeed(distance);
        // No speed is held for ever: what lasts longer comes from the longest effort.
        return time > FURTHEST ? Math.max(time, predictTime(longest, distance)) : time;
      },
      holds: (_, time) =>
        time > FURTHEST ? powerLawHolds(time) && powerLawHolds(longest.time) : lasts(time),
      words: `critical speed ${speed.toFixed(2)} m/s, ${Math.round(store)} m beyond it`,
    };
  },
};

function lasts(time: number): boolean {
  return time >= LASTS.least && time <= LASTS.most;
}
