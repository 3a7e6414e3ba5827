/** How a week grows from the one before. */
export const growthSchoolNames = [
  'percentage',
  'fixed-step',
  'step-and-hold',
  'straight-to-peak',
  'alternating',
] as const;
export type GrowthSchoolName = (typeof growthSchoolNames)[number];

/** How the long run climbs. */
export const ladderNames = ['straight', 'two-up-one-back', 'alternating'] as const;
export type LadderName = (typeof ladderNames)[number];

/** What long runs hold besides easy running. */
export const segmentNames = ['easy', 'race-pace-finish', 'progression', 'middle-block'] as const;
export type SegmentName = (typeof segmentNames)[number];

/** How phases follow each other. */
export const phaseLayoutNames = [
  'four-equal-parts',
  'base-strength-intervals-taper',
  'long-aerobic-first',
  'speed-before-distance',
  'late-speed',
  'three-by-four',
  'three-runs-a-week',
  'own',
] as const;
export type PhaseLayoutName = (typeof phaseLayoutNames)[number];

/** How volume comes down before the race. */
export const taperSchoolNames = ['three-steps', 'even-trim', 'long-descent', 'evidence'] as const;
export type TaperSchoolName = (typeof taperSchoolNames)[number];

/** How results are made into times for other distances. */
export const paceModelNames = [
  'power-law',
  'personal-power-law',
  'critical-speed',
  'ladder',
] as const;
export type PaceModelName = (typeof paceModelNames)[number];

/** How a progression goes on from one exposure to the next. */
export const progressionRuleNames = [
  'longer',
  'longer-repetitions',
  'same-total',
  'fewer-faster',
  'more-repetitions',
  'longer-hill',
  'on-off',
  'more-at-the-end',
  'shorter',
  'shorter-repetitions',
  'fewer-repetitions',
] as const;
export type ProgressionRuleName = (typeof progressionRuleNames)[number];
