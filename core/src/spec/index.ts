/** What is asked of a block: the spec, and the spec with nothing left out. */

export {
  type Athlete,
  type BlockSpec,
  type GrowthSettings,
  type LongRunSpec,
  type Pin,
  type Race,
  type RecoverySpec,
  reEntries,
  type ResolvedSpec,
  type TaperSpec,
  type VolumeSpec,
  type Waiver,
  type WeekSpec,
} from './block-spec.js';
export { cycleHasLongRun, cycleLength, runDaysOf, runningOfCycle } from './cycle.js';
export { familiesOf } from './families-of.js';
export { type Issue, issue } from './issue.js';
export type { OwnPhase, PhaseSpec } from './phase-spec.js';
export { isUnder18 } from './is-under-18.js';
export { withPin } from './with-pin.js';
export {
  type CoachTables,
  compose,
  composeFacts,
  type NamedTable,
  type OwnFacts,
  ownFacts,
  ownOf,
  type OwnSpec,
  type TableAt,
  type VersionOf,
} from './compose.js';
