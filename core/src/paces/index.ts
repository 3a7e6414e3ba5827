/** From results to paces: models, fitness on a date, named paces, splits and repetitions. */

export { dayTimes, type DayTimes } from './day-times.js';
export { defaultPaces, defaultPacesOf } from './default-paces.js';
export { easyPaces } from './easy-pace.js';
export { guessedEasy, guessedLoose, guessedTimes, type LoosePace } from './guessed-pace.js';
export { ageInWeeks } from './efforts.js';
export { equivalentsOn, type ModelColumn, standardDistances } from './equivalents.js';
export { fitnessOn, pacedOn, type PaceSubject } from './fitness.js';
export { gapWords } from './gap-words.js';
export { goalGap, type GoalGap } from './goal-gap.js';
export type { TimeFor } from './model.js';
export { paceModels } from './models.js';
export { middleOf, type PaceRange, QUICKEST_PACE, rangeOf } from './pace-range.js';
export { type PaceRow, type PacesOn, pacesOn } from './paces-on.js';
export { type Reps, reps, type Rest } from './reps.js';
export { newsOf, type ResultNews } from './result-news.js';
export { MOST_SPLITS, type Split, splits } from './splits.js';
export { type Trend, trendsOf } from './trend.js';
export { usualWords } from './usual-words.js';
