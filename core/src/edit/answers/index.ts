/** What the coach answered of a plan, apart from what was worked out; and how a new race day is taken into it. */

export { type Moved, moveRace } from './move-race.js';
export { openAims } from './open-aims.js';
export { openAnswers } from './open-answers.js';
export { ownPhasesOf } from './own-phases.js';
export { renumbered } from './renumbered.js';
export { settledSpec } from './settled.js';
