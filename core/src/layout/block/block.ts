import type { PhaseKind } from '../../spec/choices/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Week } from './week.js';

/** A run of whole weeks with one emphasis. */
export interface Phase {
  kind: PhaseKind;
  name: string;
  purpose: string;
  /** Number of its first week. */
  firstWeek: number;
  weeks: number;
  /** True when the layout closes it with a recovery week. */
  closes: boolean;
}

/** Whether the peak can be reached under the cap, and the three ways out. */
export interface Feasibility {
  feasible: boolean;
  /** Growth a rise that just reaches the peak, (k/s)^(1/b) − 1; null without a rise. */
  neededGrowth: number | null;
  cap: number;
  /** Peak that the cap reaches, s·(1 + p)^b, in m or s. */
  reachablePeak: number;
  /** Weeks to add so that the cap reaches the peak; 0 when feasible, null when 30 weeks are not enough. */
  extraWeeks: number | null;
}

/** How heavy the legs are on a morning, in multiples of day one: 1 as on day one, 1.5 half as heavy again. */
export interface LegsDay {
  value: number;
  /** The curve with quicker and with slower decay; the band between is the model's doubt. */
  quick: number;
  slow: number;
}

export interface Legs {
  days: LegsDay[];
  /** Index of the day with the heaviest legs: the block's nadir. */
  nadir: number;
  /** Value on race morning. */
  raceDay: number;
}

/** A laid-out block, without what the checks say of it. */
export interface Block {
  spec: ResolvedSpec;
  /** Easy pace behind every estimate, s/km. */
  easyPace: number;
  phases: Phase[];
  weeks: Week[];
  feasible: Feasibility;
  legs: Legs;
}
