/** A block as it is laid out: its weeks and days, and what they say of themselves. */

export type { Block, Phase } from './block.js';
export {
  type LongRunRule,
  longRunRules,
  type Segment,
  type VolumeRule,
  volumeRules,
  type Week,
  weekKinds,
} from './week.js';
export {
  besideSession,
  type Day,
  type DayRule,
  dayRules,
  type DaySession,
  isHardRunning,
  isIndoors,
  mainOf,
  toldOf,
} from './day.js';
export { isUphill } from './run.js';
export { isBase } from './is-base.js';
