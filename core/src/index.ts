export { type Block } from './block/block.js';
export { type LaidBlock, type Week } from './laid/laid-block.js';
export { type LayOutOptions, layOut } from './block/lay-out.js';
export { type ShownBlock, type ShownWeek, showBlock } from './laid/show.js';
export { whyLongRun, whyVolume } from './laid/why.js';
export { type CivilDate, addDays, differenceInDays, isCivilDate } from './calendar/civil-date.js';
export { type Weekday, weekdayOf, weekdays } from './calendar/weekday.js';
export { countWeeks, startOfWeek } from './calendar/weeks.js';
export { type Finding, type Level, levels } from './checks/finding.js';
export { type LadderName, ladderNames, longRunLadders } from './longrun/ladders.js';
export { phaseKinds } from './phases/kinds.js';
export { type PhaseKind } from './phases/kinds.js';
export { type Phase } from './phases/lay-phases.js';
export { type PhaseLayoutName, phaseLayoutNames, phaseLayouts } from './phases/layouts.js';
export { blockLength, defaultHouseRules } from './rules/house-rules.js';
export { type TaperSchoolName, taperSchoolNames, taperSchools } from './taper/schools.js';
export { sum } from './units/apportion.js';
export {
  formatAmount,
  formatDuration,
  formatPace,
  formatPlain,
  formatPercent,
  formatRaceDistance,
  formatSteps,
  formatWithUnit,
} from './units/format.js';
export {
  type Basis,
  type Measure,
  type ShownStep,
  type Unit,
  bases,
  shownSteps,
  shownUnit,
  unitName,
  units,
} from './units/measure.js';
export { parseAmount, parseDuration } from './units/parse.js';
export {
  type GrowthSchoolName,
  growthSchoolNames,
  growthSchools,
} from './volume/growth-schools.js';
export { type DayRole, dayRoles } from './week/roles.js';
export { type Problem, examineDates, examineWishes } from './settle/examine.js';
export { type ReasonKey, type Reasons } from './settle/reasons.js';
export { type Settled, settle } from './settle/settle.js';
export { type Given, type Pin, type Wishes, reEntries } from './wishes/wishes.js';
export { suggestWeeks } from './settle/suggest-weeks.js';
export { withPin } from './wishes/with-pin.js';
