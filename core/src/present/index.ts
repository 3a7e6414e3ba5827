/** A block for people: its figures, its reasons, its findings in words, and two side by side. */

export {
  type Compared,
  consequenceWords,
  moreOrFewer,
  movedWeeks,
} from './compare/consequences.js';
export { daysMoved } from './compare/days-moved.js';
export { alignWeeks, type AlignedWeeks } from './compare/align.js';
export { type RaceOnTheWay, raceOnTheWay } from './compare/race-on-the-way.js';
export { type Difference, whatChanged } from './compare/what-changed.js';
export { type ReasonKey, type Reasons, reasonsOf, whyWeeks } from './why/reasons.js';
export { type SheetRow, sheetRows, weekChange } from './sheet/rows.js';
export {
  type Sheet,
  type SheetDay,
  sheetDay,
  sheetDays,
  sheetOf,
  sheetTotal,
} from './sheet/sheet.js';
export { rowStart } from './sheet/row-start.js';
export { shortWords } from './sheet/short-words.js';
export { dailyMean, saySegment } from './figures/say.js';
export {
  type AskedFigures,
  askedIn,
  type FigureState,
  frameStates,
  stateOf,
} from './figures/state.js';
export { showBlock, type ShownBlock, type ShownWeek } from './figures/show.js';
export { checkTitles } from './findings/check-titles.js';
export type { Measured } from './findings/measured.js';
export { tellFindings, type ToldFinding } from './findings/tell-findings.js';
export { whyDay } from './why/why-day.js';
export { whyLongRun, whyVolume } from './why/why.js';
export { goalWords } from './figures/goal.js';
export { legsFigures, raceMorningWords, timesDayOne, WHAT_LEGS_ARE } from './figures/legs.js';
export { type Piece, piecesOf, type RunPieces } from './figures/day-pieces.js';
export { hatchOf, type PaceHatch, paceHatches } from './figures/pace-hatch.js';
export { type Glance, glanceOf, type GlanceWeek } from './figures/glance.js';
