import { consistent, type Effort, leading } from './efforts.js';
import type { PaceFit, PaceModel } from './model.js';
import { RIEGEL_EXPONENT, predictTime } from './riegel.js';

/** Seconds between which the power law is known to hold: about 3.5 minutes to 4 hours. */
const HOLDS = { least: 210, most: 14_400 } as const;

/** Whether a time lies where the power law holds. */
export function powerLawHolds(time: number): boolean {
  return time >= HOLDS.least && time <= HOLDS.most;
}

/** Riegel’s power law, each distance from the effort that leads there. */
export function powerLawFit(all: readonly [Effort, ...Effort[]]): PaceFit {
  const efforts = consistent(all);
  const from = efforts.length > 1 ? 'the newest result near each distance' : 'the newest result';
  return {
    timeFor: (distance) => predictTime(leading(efforts, distance), distance),
    // What is asked and what it is predicted from: both.
    holds: (distance, time) =>
      powerLawHolds(time) && powerLawHolds(leading(efforts, distance).time),
    words: `exponent ${RIEGEL_EXPONENT}, from ${from}`,
  };
}

/** The power law with Riegel’s exponent, from the newest full effort near what is asked. */
export const powerLaw: PaceModel = {
  title: 'Power law',
  purpose: 'The result nearest to a distance gives it, as most runners slow down.',
  cost: 'It knows nothing of the athlete’s own bent for short or long.',
  fit([newest, ...older]) {
    return newest ? powerLawFit([newest, ...older]) : 'Needs a result of full effort.';
  },
};
