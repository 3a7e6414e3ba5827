/** What stands against a laid-out block, as codes and data. */

export { type CheckContext, dayOf, type Level, levels, type Observation } from './common/check.js';
export { longestWithout } from './events/test-missing.js';
export { late } from './events/test-too-late.js';
export { nearRace } from './events/tune-up-near-race.js';
export { type CheckCode, checks } from './registry.js';
export { type Finding, runChecks } from './run-checks.js';
