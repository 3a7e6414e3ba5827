import type { PaceModel } from './model.js';
import { RIEGEL_EXPONENT, predictTime } from './riegel.js';

/** Seconds between which the power law is known to hold: about 3.5 minutes to 4 hours. */
const HOLDS = { least: 210, most: 14_400 } as const;

/** Whether a time lies where the power law holds. */
export function powerLawHolds(time: number): boolean {
  return time >= HOLDS.least && time <= HOLDS.most;
}

/** The power law with Riegel’s exponent, from the newest full effort. */
export const powerLaw: PaceModel = {
  title: 'Power law',
  purpose: 'One result gives every distance, as most runners slow down.',
  cost: 'It knows nothing of the athlete’s own bent for short or long.',
  fit([newest]) {
    if (!newest) return 'Needs a result of full effort.';
    return {
      timeFor: (distance) => predictTime(newest, distance),
      holds: (_, time) => powerLawHolds(time),
      words: `exponent ${RIEGEL_EXPONENT}, from the newest result`,
    };
  },
};
