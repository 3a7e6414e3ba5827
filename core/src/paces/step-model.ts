import type { HouseRules } from '../rules/index.js';
import { consistent, leading } from './efforts.js';
import type { PaceModel } from './model.js';

/** Rungs of the ladder, metres; between them it is straight against the log of distance. */
const RUNGS = [800, 1500, 1609.344, 3000, 5000, 10_000, 21_097.5, 42_195] as const;

/**
 * The coach’s own seconds per kilometre between neighbouring race distances,
 * from the newest full effort. Policy: the steps are house rules.
 */
export const ladder: PaceModel = {
  title: 'Ladder',
  purpose: 'The coach’s own seconds per kilometre from one race distance to the next.',
  cost: 'The same steps for quick and slow; they are the house rules’.',
  fit([newest, ...older], rules) {
    if (!newest) return 'Needs a result of full effort.';
    const slower = heights(rules);
    const efforts = consistent([newest, ...older]);
    return {
      timeFor: (distance) => {
        const from = leading(efforts, distance);
        const known = (from.time / from.distance) * 1000 - slower(from.distance);
        return ((known + slower(distance)) * distance) / 1000;
      },
      holds: (distance) => isOnLadder(distance) && isOnLadder(leading(efforts, distance).distance),
      words: `the house rules’ steps, from the newest result${efforts.length > 1 ? ' near each distance' : ''}`,
    };
  },
};

function isOnLadder(distance: number): boolean {
  return distance >= RUNGS[0] && distance <= (RUNGS.at(-1) ?? 0);
}

/** Seconds per km slower than the first rung; the outer steps go on beyond the ends. */
function heights({ paces: { ladder: steps } }: HouseRules): (distance: number) => number {
  const rises = [
    steps.to1500,
    steps.toMile,
    steps.to3000,
    steps.to5000,
    steps.to10k,
    steps.toHalf,
    steps.toMarathon,
  ];
  const feet = rises.map((_, index) => rises.slice(0, index).reduce((a, b) => a + b, 0));
  return (distance) => {
    const found = RUNGS.findLastIndex((rung) => rung <= distance);
    const from = Math.min(rises.length - 1, Math.max(0, found));
    const [low, high] = [RUNGS[from] ?? 1, RUNGS[from + 1] ?? 1];
    const part = Math.log(distance / low) / Math.log(high / low);
    return (feet[from] ?? 0) + part * (rises[from] ?? 0);
  };
}
