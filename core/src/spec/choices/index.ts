/** What a spec may name: schools, models, kinds of phase, paces, results, progressions. */

export {
  type GrowthSchoolName,
  growthSchoolNames,
  type LadderName,
  ladderNames,
  type PaceModelName,
  paceModelNames,
  type PhaseLayoutName,
  phaseLayoutNames,
  type ProgressionRuleName,
  progressionRuleNames,
  type SegmentName,
  segmentNames,
  type TaperSchoolName,
  taperSchoolNames,
} from './choices.js';
export { type HeartBand, type HeartScale, heartScales, type NamedPace } from './named-pace.js';
export { type PaceAim, paceAims, paceAimWords } from './pace-aim.js';
export { phaseCharacters, type PhaseKind, phaseKinds } from './phase-kinds.js';
export type { Progression, Rotation, SessionUse } from './progression.js';
export { type Result, type ResultKind, resultKinds, resultKindWords } from './result.js';
