import { type ProgressionRule, growRun, numberOf, resizedRun } from './progression-rule.js';

/** A continuous run comes down: 30 min, 25 min, 20 min; it stays before it is nothing. */
export const shorter: ProgressionRule = {
  title: 'Shorter',
  why: 'One stretch at the same pace, less of it each time: keeps the feel as the race comes near.',
  by: 'minutes or kilometres less',
  next: (parts, by) =>
    growRun(parts, (part) => {
      const left = numberOf(part.piece.amount) - by;
      return left > 0 ? resizedRun(part, left) : part;
    }),
};
