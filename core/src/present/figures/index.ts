/** The figures of a block as people read them. */

export { dailyMean, saySegment } from './say.js';
export {
  type AskedFigures,
  askedIn,
  type FigureState,
  frameStates,
  ownAims,
  stateOf,
} from './state.js';
export { showBlock, type ShownBlock, type ShownWeek } from './show.js';
export { goalWords } from './goal.js';
export { longRunFigure, weekFigure } from './long-run.js';
export { legsFigures, raceMorningWords, timesDayOne, WHAT_LEGS_ARE } from './legs.js';
export { type Piece, piecesOf, type RunPieces } from './day-pieces.js';
export { hatchOf, type PaceHatch, paceHatches } from './pace-hatch.js';
export { cutTo, placeEvents } from './event-names.js';
export { type Glance, glanceOf, type GlanceWeek } from './glance.js';
