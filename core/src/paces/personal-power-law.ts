import { sum } from '../base/index.js';
import { leastSquares } from './least-squares.js';
import type { PaceModel } from './model.js';
import { powerLawHolds } from './power-law.js';

/** No runner slows down less, or more, than this: beyond it the results are at fault. */
const EXPONENTS = { least: 1.01, most: 1.2 } as const;

/**
 * The power law with the athlete’s own exponent: least squares on log time
 * against log distance (Riegel 1981 fits records so), older results counting
 * less, the exponent held within 1.01 to 1.20.
 */
export const personalPowerLaw: PaceModel = {
  title: 'Own power law',
  purpose: 'How much this athlete slows down with distance, from several results.',
  cost: 'One odd result bends the curve; look at the residuals.',
  fit(efforts) {
    const points = efforts.map(({ distance, time, weight }) => ({
      x: Math.log(distance),
      y: Math.log(time),
      weight,
    }));
    const line = leastSquares(points);
    if (!line) return 'Needs recent results over two different distances.';
    const exponent = Math.min(EXPONENTS.most, Math.max(EXPONENTS.least, line.slope));
    const total = sum(points.map(({ weight }) => weight));
    // Through the middle of the results, with the exponent that was kept.
    const level = sum(points.map(({ x, y, weight }) => weight * (y - exponent * x))) / total;
    const held = exponent === line.slope ? '' : `, held from ${line.slope.toFixed(3)}`;
    return {
      timeFor: (distance) => Math.exp(level + exponent * Math.log(distance)),
      holds: (_, time) =>
        powerLawHolds(time) && efforts.some((effort) => powerLawHolds(effort.time)),
      words: `exponent ${exponent.toFixed(3)}${held}, from ${efforts.length} results`,
    };
  },
};
