/**
 * House rules: their catalogue, values and changes, and the limits that layout, checks and solver share.
 */

export { afterRace } from './after-race.js';
export { ruleCatalogue, ruleGroups } from './catalogue.js';
export { type CrossKind, crossKinds, crossWords } from './cross-training.js';
export { inForce, isLaidAsThen, newestEngine, type Since } from './engine.js';
export { blockLength, defaultHouseRules, type HouseRules, raceRules } from './house-rules.js';
export { layoutStep } from './layout-step.js';
export {
  isLongRace,
  isMiddleDistance,
  raceClass,
  type RaceClassName,
  raceClassNames,
  raceClassWords,
} from './race-class.js';
export type { RaceRules } from './race-rules.js';
export {
  noRuleChanges,
  type RuleChanges,
  rulesOf,
  ruleValue,
  type SomeRuleChanges,
  withRuleChanges,
} from './rule-changes.js';
export { isWhole, type Rule, type RuleGroup, ruleProblem } from './rule.js';
