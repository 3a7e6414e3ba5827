import type { PhaseKind } from '../../spec/choices/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Segment } from '../longrun/lay-segments.js';
import type { LongRunRule } from '../longrun/lay-long-runs.js';
import type { Legs } from '../load/legs.js';
import type { Phase } from '../phases/lay-phases.js';
import type { Feasibility } from '../volume/feasibility.js';
import type { VolumeRule } from '../volume/climb.js';
import type { Day } from './day.js';
import type { WeekKind } from '../frame/frame.js';

/** One laid-out week. Volume and long run are m or s, as the block counts. */
export interface Week {
  number: number;
  /** Weeks to go; 0 in race week. */
  toGo: number;
  start: string;
  /** Days in it: 7, or fewer in a short first week. */
  length: number;
  kind: WeekKind;
  phase: PhaseKind;
  recovery: boolean;
  /** True where a recovery week was due, whatever was pinned over it. */
  recoveryDue: boolean;
  /** Without the race. */
  volume: number;
  volumeRule: VolumeRule;
  /** 0 in race week. */
  longRun: number;
  longRunRule: LongRunRule;
  /** What the long run holds besides easy running. */
  segment: Segment | undefined;
  /** Part of the heaviest week the taper leaves; 1 before it. */
  taperShare: number;
  /** Part of usual running that events leave. */
  running: number;
  /** Races, tests and days on the way that touch it. */
  events: BlockEvent[];
  /** Metres; an estimate when the block counts time. */
  distance: number;
  /** Seconds; an estimate when the block counts distance. */
  time: number;
  /** With cross-training counted as easy running: metres and seconds. */
  equivalentDistance: number;
  equivalentTime: number;
  /** Hard running: metres and seconds. */
  hardDistance: number;
  hardTime: number;
  hardDays: number;
  runDays: number;
  days: Day[];
}

/** A block without what the checks say of it. */
export interface Block {
  spec: ResolvedSpec;
  /** Easy pace behind every estimate, s/km. */
  easyPace: number;
  phases: Phase[];
  weeks: Week[];
  feasible: Feasibility;
  legs: Legs;
}
