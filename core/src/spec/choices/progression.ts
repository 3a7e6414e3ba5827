import type { Weekday } from '../../base/index.js';
import type { PhaseKind } from './phase-kinds.js';
import type { ProgressionRuleName } from './choices.js';

/** A session that comes again and grows: where it starts, how it goes on. */
export interface Progression {
  /** Never changes. */
  id: string;
  name: string;
  /** What it is for, in one sentence. */
  purpose: string;
  /** Phases it belongs to. */
  phases: PhaseKind[];
  tags: string[];
  /** The first exposure without warming up and cooling down, in shorthand; paces by their ids. */
  start: string;
  way: ProgressionRuleName;
  /** How much the way goes on by each time. */
  by: number;
  /** Exposures after which it stays as it is. */
  most: number;
  /** Every exposure written out, in place of `start` and its way; then the last one stays. */
  exposures?: string[] | undefined;
  /** False where it is run as it is written, never sized to the athlete or the week; true when left out. */
  fit?: boolean | undefined;
  /** What is run before the main set of every exposure, in shorthand. */
  before?: string | undefined;
  /** What is run after it. */
  after?: string | undefined;
}

/** A family put to a use: the first, second … quality day of the weeks of a phase. */
export interface SessionUse {
  phase: PhaseKind;
  /** Counted from 1 within the week. */
  place: number;
  family: Progression;
}

/** A place in the week that is filled by families in turn. */
export interface Rotation {
  /** The nth quality day of a week, from 1, or a weekday, which is one then. */
  on: number | Weekday;
  /** Ids of the block's families, week after week and over again; null leaves a week to its phase. */
  turn: (string | null)[];
  /** Phases it serves; all but the taper and race week when left out. */
  phases?: PhaseKind[] | undefined;
  /** Numbers of the weeks it serves, over what serves them otherwise; all when left out. */
  weeks?: number[] | undefined;
}
