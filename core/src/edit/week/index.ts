/** Commands on days, patterns and week templates. */

export {
  type CommandOrNot,
  copyOn,
  freeDay,
  lengthenDay,
  moveDay,
  moveRest,
  pinDay,
  setBeside,
  setDayRole,
  swapBack,
  swapForCross,
  weekdayStays,
  writeSession,
} from './days.js';
export { arrangeAround, type Arrangement } from './arrange.js';
export { type Carrying, carryDays, keepLengths } from './carry-days.js';
export { assignFamily, choosePattern, dropPattern, patternDays, setCycleRole } from './pattern.js';
export {
  asAssigned,
  endWords,
  type GridCell,
  type Place,
  placeName,
  rotationGrid,
  setRotation,
  setTurn,
  type Turn,
} from './rotations.js';
export { freeWeekday, fixWeekday, ruleWords, weekdayWords } from './weekdays.js';
export { type WeekPatternName, weekPatternNames, weekPatterns } from './week-templates.js';
