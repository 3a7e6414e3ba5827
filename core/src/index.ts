export { isBase } from './layout/block/is-base.js';
export { type Block, type Week } from './layout/block/block.js';
export { type LayOutOptions, findingsWithFixes, fixesOf, layOut } from './lay-out.js';
export { type ShownBlock, type ShownWeek, showBlock } from './present/show.js';
export { saySegment } from './present/say.js';
export { dayWords } from './base/format/format-day.js';
export { whyLongRun, whyVolume } from './present/why.js';
export { whyDay } from './present/why-day.js';
export { type CivilDate, addDays, differenceInDays, isCivilDate } from './base/civil-date.js';
export { type Weekday, weekdayOf, weekdays } from './base/weekday.js';
export { countBack, countWeeks, startOfWeek } from './base/weeks.js';
export { type Change, applyChange } from './edit/change.js';
export { type Command, weekWords } from './edit/command.js';
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
} from './edit/days.js';
export {
  assignFamily,
  choosePattern,
  dropPattern,
  patternDays,
  setCycleRole,
} from './edit/pattern.js';
export { copyShape } from './edit/copy-shape.js';
export { addEvent, changeEvent, removeEvent } from './edit/events.js';
export { followingBlock } from './edit/follow.js';
export { moveRace } from './edit/move-race.js';
export { edgeRange, movePhaseEdge, ownPhasesOf } from './edit/phase-edge.js';
export { type PinField, pinWeek, unpinWeek } from './edit/pin-week.js';
export { toggleRecovery } from './edit/recovery-weeks.js';
export {
  choosePaceAim,
  repace,
  takeBackRepacing,
  takePaces,
  toggleDistance,
} from './edit/repace.js';
export { addResult, choosePaceModel, removeResult, setHeart } from './edit/results.js';
export { scaleWeeks } from './edit/scale-weeks.js';
export { movePeak, setTaperDepth, taperDepths } from './edit/shape.js';
export { shiftWeeks } from './edit/shift-weeks.js';
export { unwaive, waive } from './edit/waive.js';
export { dropWeek, insertWeek } from './edit/whole-weeks.js';
export { type CheckCode, checks } from './checks/registry.js';
export { type Level, levels } from './checks/common/check.js';
export { type Finding } from './checks/run-checks.js';
export { type ToldFinding } from './present/tell-findings.js';
export { type Fix } from './edit/fixes/fix.js';
export { CheckedBlock } from './checked-block.js';
export { type WeekPair, alignWeeks } from './present/compare/align.js';
export { type Difference, whatChanged } from './present/compare/what-changed.js';
export {
  type BlockEvent,
  type EventKind,
  type TestForm,
  eventCharacters,
  eventKinds,
  lastDay,
  testFormWords,
  testForms,
} from './spec/event.js';
export { type Bend } from './solve/bends.js';
export { type Found, fewestWeeks, highestPeak, lowestGrowth } from './solve/find.js';
export { type BendingRule } from './solve/limits.js';
export { type Nearest, nearestBlock } from './solve/nearest-block.js';
export { placeRecovery } from './solve/place-recovery.js';
export { type Solve, type Solution } from './solve/program.js';
export { type Segment } from './layout/longrun/lay-segments.js';
export { type SegmentName, segmentNames } from './spec/choices.js';
export { segmentSchools } from './layout/longrun/segments.js';
export { type LadderName, ladderNames } from './spec/choices.js';
export { longRunLadders } from './layout/longrun/ladders.js';
export { phaseKinds } from './spec/phase-kinds.js';
export { type PhaseKind } from './spec/phase-kinds.js';
export { type Phase } from './layout/phases/lay-phases.js';
export { type PhaseLayoutName, phaseLayoutNames } from './spec/choices.js';
export { phaseLayouts } from './layout/phases/layouts.js';
export {
  type LengthSchoolName,
  lengthSchoolNames,
  lengthSchools,
} from './layout/phases/length-schools.js';
export { type OwnPhase, type PhaseSpec } from './spec/phase-wish.js';
export { ruleCatalogue, ruleGroups } from './rules/catalogue.js';
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
export { type LaidSession, type Stretch, laySession } from './sessions/breakdown/lay-session.js';
export { type SessionProblem, readSession } from './sessions/shorthand/parse-session.js';
export { showSession } from './sessions/shorthand/show-session.js';
export { printSession } from './sessions/shorthand/print-session.js';
export { linkPaces, namePaces, shortPaceName } from './sessions/shorthand/link-paces.js';
export { RACE_PACE, type SessionPaces, sessionPacesOf } from './sessions/shorthand/session-paces.js';
export { type SessionFamily, type SessionUse } from './spec/progression.js';
export { startingFamilies } from './sessions/library/starting-library.js';
export { suggestUses } from './sessions/library/suggest-uses.js';
export { exposuresOf } from './sessions/library/exposures-of.js';
export { type WayName, wayNames } from './spec/choices.js';
export { ways } from './sessions/library/ways.js';
export { type TaperSchoolName, taperSchoolNames } from './spec/choices.js';
export { taperSchools } from './layout/taper/schools.js';
export { defaultPaces } from './paces/default-paces.js';
export { ageInWeeks } from './paces/efforts.js';
export { type ModelColumn, equivalentsOn, standardDistances } from './paces/equivalents.js';
export { type PaceSubject, fitnessOn, pacedOn } from './paces/fitness.js';
export { gapWords } from './paces/gap-words.js';
export { type GoalGap, goalGap } from './paces/goal-gap.js';
export { type PaceModelName, paceModelNames } from './spec/choices.js';
export { paceModels } from './paces/models.js';
export { type HeartScale, type NamedPace, heartScales } from './spec/named-pace.js';
export { type PaceRange, middleOf } from './paces/pace-range.js';
export { type PaceAim, paceAimWords, paceAims } from './spec/pace-aim.js';
export { type PaceRow, type PacesOn, pacesOn } from './paces/paces-on.js';
export { type Recovery, type Reps, reps } from './paces/reps.js';
export { type ResultNews, newsOf } from './paces/result-news.js';
export { type Result, type ResultKind, resultKindWords, resultKinds } from './spec/result.js';
export { MOST_SPLITS, type Split, splits } from './paces/splits.js';
export { type Trend, trendsOf } from './paces/trend.js';
export { sum } from './base/apportion.js';
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
} from './base/format/format.js';
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
} from './base/measure.js';
export { formatLap, formatTenths, formatPaceRange, formatSpeed } from './base/format/format-pace.js';
export { parseAmount } from './base/format/parse-amount.js';
export { type ReadPace, readPace } from './base/format/read-pace.js';
export { type Read, readTime } from './base/format/read-time.js';
export { type GrowthSchoolName, growthSchoolNames } from './spec/choices.js';
export { growthSchools } from './layout/volume/growth-schools.js';
export {
  type RecoveryCadenceName,
  reEntrySchools,
  recoveryCadences,
} from './layout/frame/recovery-schools.js';
export { type CrossKind, crossKinds, crossWords } from './rules/cross-training.js';
export { type SwapReason, swapReasons } from './spec/swap.js';
export { rolesOf } from './layout/week/coach-week.js';
export { cycleLength } from './spec/cycle.js';
export { type Day, type DaySession } from './layout/block/day.js';
export { type FixedDay, fixedDayOf } from './spec/fixed-day.js';
export {
  type AddOn,
  type PatternDay,
  type PatternRole,
  addOns,
  cycleLengths,
  patternRoles,
} from './spec/pattern-day.js';
export { type WeekPatternName, weekPatternNames, weekPatterns } from './edit/week-templates.js';
export { type DayRole, dayRoleWords, dayRoles } from './spec/day-role.js';
export { paceWords } from './layout/fill/session-words.js';
export { validateSpec } from './layout/validate/validate.js';
export { validateToday, issuesOfPaces } from './layout/validate/validate-paces.js';
export { issuesOfFamilies } from './sessions/library/validate-families.js';
export { issuesOfRules } from './layout/validate/validate-rules.js';
export { type Issue } from './spec/issue.js';
export { type ReasonKey, type Reasons, reasonsOf } from './present/reasons.js';
export { resolveSpec } from './layout/resolve/resolve.js';
export { type Template, fromTemplate } from './edit/template.js';
export { type BlockSpec, type Pin, type ResolvedSpec, reEntries } from './spec/block-spec.js';
export { suggestWeeks } from './layout/resolve/suggest-weeks.js';
export { withPin } from './spec/with-pin.js';
