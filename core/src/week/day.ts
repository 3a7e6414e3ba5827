import type { CivilDate } from '../calendar/civil-date.js';
import type { Swap } from './cross.js';
import type { DayRole } from './roles.js';

/** One thing done on a day: a run, cross-training, or strength work. */
export interface DaySession {
  kind: 'run' | 'cross' | 'strength';
  shorthand: string;
  /** Metres run; 0 unless a run. */
  distance: number;
  /** Seconds it takes. */
  time: number;
  hardDistance: number;
  hardTime: number;
  /** The family it is an exposure of, counted from 1. */
  family?: { id: string; name: string; exposure: number } | undefined;
}

/** Why a day holds as much as it does. */
export type DayRule =
  | 'rest'
  | 'away'
  | 'race'
  | 'long'
  | 'pin'
  | 'session'
  | 'own-session'
  | 'share'
  | 'cross'
  | 'swap';

/** One day of a laid-out block. */
export interface Day {
  date: CivilDate;
  role: DayRole;
  rule: DayRule;
  /** Metres run; an estimate from the paces when the block counts time. */
  distance: number;
  /** Seconds run; an estimate from the paces when the block counts distance. */
  time: number;
  /** Seconds of it that are hard. */
  hardTime: number;
  /** Seconds of cross-training, and what it is worth as easy running, metres and seconds. */
  cross: { time: number; equivalentDistance: number; equivalentTime: number };
  swap: Swap | undefined;
  /** True where something quick is run, be it strides. */
  quick: boolean;
  /** Morning first. */
  sessions: DaySession[];
}
