/** What was run held against what was planned: reviews, patterns, and what may be done. */
export { type DayReviewed, loadOf, targetsOf } from './done/day-reviewed.js';
export { type Pattern, type PatternCode, patternCodes } from './patterns/pattern.js';
export { patternsOf } from './patterns/patterns-of.js';
export { firstOpenDay } from './done/to-come.js';
export type { Proposal } from './proposals/proposal.js';
export { proposalsOf } from './proposals/proposals-of.js';
export {
  dayPacesOf,
  type Review,
  reviewBlock,
  type ReviewGiven,
  type WeekReviewed,
} from './done/review-block.js';
