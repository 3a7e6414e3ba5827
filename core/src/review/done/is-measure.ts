import type { WeekReviewed } from './review-block.js';

/**
 * True for a week that says what is held: over and known, neither one of rest nor one
 * that days away, an illness or a hurt took from.
 */
export function isMeasure({ isWhole, week, days }: WeekReviewed): boolean {
  const isUnwell = days.some(({ done: { reason } }) => reason === 'ill' || reason === 'sore');
  return isWhole && !week.recovery && week.running >= 1 && !isUnwell;
}
