import type { PhaseKind, PhaseLayoutName } from './choices/index.js';

/** A phase that the coach names and sizes. */
export interface OwnPhase {
  kind: PhaseKind;
  name: string;
  weeks: number;
  /** True when its last week is a recovery week. */
  closes?: boolean | undefined;
}

/** A layout, and the coach's own phases where it is `own`. */
export interface PhaseSpec {
  layout: PhaseLayoutName;
  own: OwnPhase[];
}
