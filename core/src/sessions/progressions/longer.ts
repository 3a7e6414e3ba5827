import { type ProgressionRule, growRun, numberOf, resizedRun } from './progression-rule.js';

/** A continuous run grows: 20 min, 25 min, 30 min. */
export const longer: ProgressionRule = {
  title: 'Longer',
  why: 'One stretch at the same pace, ever longer: teaches to hold it; grows slowly.',
  by: 'minutes or kilometres more',
  next: (parts, by) => growRun(parts, (part) => resizedRun(part, numberOf(part.piece.amount) + by)),
};
