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
}

/** A family put to a use: the first, second … quality day of the weeks of a phase. */
export interface SessionUse {
  phase: PhaseKind;
  /** Counted from 1 within the week. */
  place: number;
  family: Progression;
}
