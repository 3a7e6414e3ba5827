import type { CivilDate } from '../calendar/civil-date.js';
import type { Weekday } from '../calendar/weekday.js';
import type { LadderName } from '../longrun/ladders.js';
import type { PhaseWish } from '../phases/lay-phases.js';
import type { TaperSchoolName } from '../taper/schools.js';
import type { Basis, Unit } from '../units/measure.js';
import type { GrowthSchoolName, GrowthSettings } from '../volume/growth-schools.js';

/**
 * What the coach wishes, with nothing left out: the one input of the
 * computation. Amounts are metres by distance and seconds by time, shares 0–1.
 */
export interface Wishes {
  athlete: Athlete;
  race: Race;
  start: CivilDate;
  weeks: number;
  weekStartsOn: Weekday;
  phases: PhaseWish;
  volume: VolumeWish;
  longRun: LongRunWish;
  taper: { school: TaperSchoolName };
  week: WeekWish;
  pins: Pin[];
  waivers: Waiver[];
}

export interface Athlete {
  name: string;
  basis: Basis;
  unit: Unit;
  birthYear: number | undefined;
  oftenHurt: boolean;
  /** Real weeks before the block, oldest first. */
  recentWeeks: number[];
  longestRecentRun: number | undefined;
  results: Result[];
  unavailable: Weekday[];
}

/** A race or time trial: metres and seconds. */
export interface Result {
  date: CivilDate;
  distance: number;
  time: number;
}

export interface Race {
  name: string;
  date: CivilDate;
  /** Metres. */
  distance: number;
  /** Seconds. */
  goalTime: number | undefined;
}

export interface VolumeWish {
  start: number;
  peak: number;
  /** Weeks held at the peak before the taper. */
  holdAtPeak: number;
  growth: GrowthWish;
  recovery: RecoveryWish;
}

export interface GrowthWish extends GrowthSettings {
  school: GrowthSchoolName;
}

export const reEntries = ['resume', 'one-step-above'] as const;

export interface RecoveryWish {
  every: 3 | 4 | 5 | 6 | 'none';
  /** Part taken off the last building week. */
  depth: number;
  reEntry: (typeof reEntries)[number];
}

export interface LongRunWish {
  start: number;
  peak: number;
  ladder: LadderName;
  lastPeakWeeksOut: number;
}

export interface WeekWish {
  runDays: number;
  longRunOn: Weekday;
  qualityOn: Weekday[];
  restOn: Weekday[];
}

/** A week's volume or long run fixed by the coach; kept exactly. */
export interface Pin {
  week: number;
  volume?: number | undefined;
  longRun?: number | undefined;
}

export interface Waiver {
  check: string;
  week?: number | undefined;
  reason: string;
}

/**
 * Wishes as given: only the race is needed, and its date may be left out when
 * a start is fixed. Whatever is missing is worked out by `settle`.
 */
export type Given = Sparse<Omit<Wishes, 'race'>> & {
  race: {
    name: string;
    date?: CivilDate | undefined;
    distance: number;
    goalTime?: number | undefined;
  };
};

type Sparse<T> = T extends readonly unknown[]
  ? T
  : T extends object
    ? { [K in keyof T]?: Sparse<T[K]> | undefined }
    : T;
