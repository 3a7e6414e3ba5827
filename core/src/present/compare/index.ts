/** Two blocks side by side, and what a change of one comes to. */

export { type Compared, consequenceWords, moreOrFewer, movedWeeks } from './consequences.js';
export { daysMoved } from './days-moved.js';
export { alignWeeks, type AlignedWeeks } from './align.js';
export { type RaceOnTheWay, raceOnTheWay } from './race-on-the-way.js';
export { type Difference, whatChanged } from './what-changed.js';
