export { type Block } from './block/block.js';
export { isBase } from './laid/is-base.js';
export { type LaidBlock, type Week } from './laid/laid-block.js';
export { type LayOutOptions, layOut } from './block/lay-out.js';
export { type ShownBlock, type ShownWeek, showBlock } from './laid/show.js';
export { saySegment } from './laid/say.js';
export { dayWords } from './laid/day-words.js';
export { whyLongRun, whyVolume } from './laid/why.js';
export { whyDay } from './laid/why-day.js';
export { type CivilDate, addDays, differenceInDays, isCivilDate } from './calendar/civil-date.js';
export { type Weekday, weekdayOf, weekdays } from './calendar/weekday.js';
export { countBack, countWeeks, startOfWeek } from './calendar/weeks.js';
export { type Change, applyChange } from './change/change.js';
export { type Command, weekWords } from './change/command.js';
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
  writeSession,
} from './change/days.js';
export {
  assignFamily,
  choosePattern,
  dropPattern,
  patternDays,
  setCycleRole,
} from './change/pattern.js';
export { copyShape } from './change/copy-shape.js';
export { addEvent, changeEvent, removeEvent } from './change/events.js';
export { followingBlock } from './change/follow.js';
export { moveRace } from './change/move-race.js';
export { edgeRange, movePhaseEdge, ownPhasesOf } from './change/phase-edge.js';
export { type PinField, pinWeek, unpinWeek } from './change/pin-week.js';
export { toggleRecovery } from './change/recovery-weeks.js';
export {
  choosePaceAim,
  repace,
  takeBackRepacing,
  takePaces,
  toggleDistance,
} from './change/repace.js';
export { addResult, choosePaceModel, removeResult, setHeart } from './change/results.js';
export { scaleWeeks } from './change/scale-weeks.js';
export { movePeak, setTaperDepth, taperDepths } from './change/shape.js';
export { shiftWeeks } from './change/shift-weeks.js';
export { unwaive, waive } from './change/waive.js';
export { dropWeek, insertWeek } from './change/whole-weeks.js';
export { type CheckCode, checks } from './checks/registry.js';
export { type Finding, type Fix, type Level, levels } from './checks/finding.js';
export { fixesOf, withFixes } from './block/mend-block.js';
export { type WeekPair, alignWeeks } from './compare/align.js';
export { type Difference, whatChanged } from './compare/what-changed.js';
export {
  type BlockEvent,
  type EventKind,
  type TestForm,
  eventCharacters,
  eventKinds,
  lastDay,
  testFormWords,
  testForms,
} from './events/event.js';
export { type Bend } from './fit/bends.js';
export { type Found, fewestWeeks, highestPeak, lowestGrowth } from './fit/find.js';
export { type BendingRule } from './fit/limits.js';
export { type Nearest, nearestBlock } from './fit/nearest-block.js';
export { placeRecovery } from './fit/place-recovery.js';
export { type Solve, type Solution } from './fit/program.js';
export { type Segment } from './longrun/lay-segments.js';
export { type SegmentName, segmentNames, segmentSchools } from './longrun/segments.js';
export { type LadderName, ladderNames, longRunLadders } from './longrun/ladders.js';
export { phaseKinds } from './phases/kinds.js';
export { type PhaseKind } from './phases/kinds.js';
export { type Phase } from './phases/lay-phases.js';
export { type PhaseLayoutName, phaseLayoutNames, phaseLayouts } from './phases/layouts.js';
export {
  type LengthSchoolName,
  lengthSchoolNames,
  lengthSchools,
} from './phases/length-schools.js';
export { type OwnPhase, type PhaseWish } from './phases/lay-phases.js';
export { ruleBook, ruleGroups } from './rules/book.js';
export { type HouseRules, blockLength, defaultHouseRules, raceRules } from './rules/house-rules.js';
export {
  type RaceClassName,
  raceClass,
  raceClassNames,
  raceClassWords,
} from './rules/race-class.js';
export { type Rule, type RuleGroup, isWhole, ruleProblem } from './rules/rule.js';
export {
  type RuleChanges,
  type SomeRuleChanges,
  noRuleChanges,
  ruleValue,
  rulesOf,
  withRuleChanges,
} from './rules/rule-changes.js';
export { type LaidSession, type Stretch, laySession } from './session/lay-session.js';
export { type SessionProblem, readSession } from './session/parse-session.js';
export { showSession } from './session/show-session.js';
export { printSession } from './session/print-session.js';
export { linkPaces, namePaces, shortPaceName } from './session/link-paces.js';
export { RACE_PACE, type SessionPaces, sessionPacesOf } from './session/session-paces.js';
export { type SessionFamily, type SessionUse } from './library/family.js';
export { startingFamilies } from './library/starting-library.js';
export { suggestUses } from './library/suggest-uses.js';
export { exposuresOf } from './library/exposures-of.js';
export { type WayName, wayNames, ways } from './library/ways.js';
export { type TaperSchoolName, taperSchoolNames, taperSchools } from './taper/schools.js';
export { defaultPaces } from './paces/default-paces.js';
export { ageInWeeks } from './paces/efforts.js';
export { type ModelColumn, equivalentsOn, standardDistances } from './paces/equivalents.js';
export { type PaceSubject, fitnessOn, pacedOn } from './paces/fitness.js';
export { gapWords } from './paces/gap-words.js';
export { type GoalGap, goalGap } from './paces/goal-gap.js';
export { type PaceModelName, paceModelNames, paceModels } from './paces/models.js';
export {
  type HeartScale,
  type NamedPace,
  type PaceRange,
  heartScales,
  middleOf,
} from './paces/named-pace.js';
export { type PaceAim, paceAimWords, paceAims } from './paces/pace-aim.js';
export { type PaceRow, type PacesOn, pacesOn } from './paces/paces-on.js';
export { type Recovery, type Reps, reps } from './paces/reps.js';
export { type ResultNews, newsOf } from './paces/result-news.js';
export { type Result, type ResultKind, resultKindWords, resultKinds } from './paces/result.js';
export { MOST_SPLITS, type Split, splits } from './paces/splits.js';
export { type Trend, trendsOf } from './paces/trend.js';
export { sum } from './units/apportion.js';
export {
  formatAmount,
  formatDuration,
  formatPace,
  formatPlain,
  formatPercent,
  formatRace,
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
  quantum,
  shownSteps,
  shownUnit,
  unitName,
  units,
} from './units/measure.js';
export { formatLap, formatTenths, formatPaceRange, formatSpeed } from './units/format-pace.js';
export { parseAmount } from './units/parse.js';
export { type ReadPace, readPace } from './units/read-pace.js';
export { type Read, readTime } from './units/read-time.js';
export {
  type GrowthSchoolName,
  growthSchoolNames,
  growthSchools,
} from './volume/growth-schools.js';
export {
  type RecoveryCadenceName,
  reEntrySchools,
  recoveryCadences,
} from './volume/recovery-schools.js';
export {
  type CrossKind,
  type SwapReason,
  crossKinds,
  crossWords,
  swapReasons,
} from './week/cross.js';
export { rolesOf } from './week/coach-week.js';
export { cycleLength } from './week/cycle.js';
export { type Day, type DaySession } from './week/day.js';
export { type DayWish, dayWishOf } from './week/day-wish.js';
export {
  type AddOn,
  type PatternDay,
  type PatternRole,
  addOns,
  cycleLengths,
  patternRoles,
} from './week/pattern-day.js';
export { type WeekPatternName, weekPatternNames, weekPatterns } from './week/patterns.js';
export { type DayRole, dayRoleWords, dayRoles } from './week/roles.js';
export { paceWords } from './week/session-words.js';
export { examineGiven, examineWishes } from './settle/examine.js';
export { examineToday, problemsOfPaces } from './settle/examine-paces.js';
export { problemsOfLibrary } from './settle/examine-library.js';
export { problemsOfRules } from './settle/examine-rules.js';
export { type Problem } from './settle/problem.js';
export { type ReasonKey, type Reasons } from './settle/reasons.js';
export { type Settled, settle } from './settle/settle.js';
export { type Template, fromTemplate } from './template/template.js';
export { type Given, type Pin, type Wishes, reEntries } from './wishes/wishes.js';
export { suggestWeeks } from './settle/suggest-weeks.js';
export { withPin } from './wishes/with-pin.js';
