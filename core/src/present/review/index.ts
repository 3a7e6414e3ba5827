/** A review for people: its figures, its patterns and days in words, the sentence for the athlete. */
export { doneWords, kindWords, missedWords } from './done-words.js';
export { type LastWeek, lastWeekOf } from './last-week.js';
export { type Lately, latelyOf } from './lately.js';
export { legsWords } from './legs-words.js';
export { type Need, needOf } from './need-of.js';
export { patternTitles, patternWords } from './pattern-words.js';
export { reviewRows } from './review-rows.js';
export { showReview, type ShownReview, type ShownWeekReview } from './show-review.js';
export { sentenceFor } from './to-athlete.js';
