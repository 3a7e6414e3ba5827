import type {
  GrowthSchoolName,
  LadderName,
  NamedPace,
  PaceAim,
  PaceModelName,
  PhaseKind,
  Progression,
  Result,
  Rotation,
  SegmentName,
  SessionUse,
  TaperSchoolName,
} from './choices/index.js';
import type { BlockEvent, DoubleOrder, FixedDay, FixedWeekday, PatternDay } from './days/index.js';
import type { Basis, CivilDate, Unit, Weekday } from '../base/index.js';
import type { CrossKind, RuleChanges, SomeRuleChanges } from '../rules/index.js';
import type { PhaseSpec } from './phase-spec.js';

/**
 * What the coach spec, with nothing left out: the one input of the
 * computation. Amounts are metres by distance and seconds by time, shares 0–1.
 */
export interface ResolvedSpec {
  /** The number of the defaults it is laid out under. */
  engine: number;
  athlete: Athlete;
  race: Race;
  start: CivilDate;
  weeks: number;
  weekStartsOn: Weekday;
  phases: PhaseSpec;
  volume: VolumeSpec;
  longRun: LongRunSpec;
  taper: TaperSpec;
  week: WeekSpec;
  events: BlockEvent[];
  pins: Pin[];
  /** Single days the coach fixed, in order. */
  days: FixedDay[];
  /** Which families fill the quality days of which phase. */
  sessions: SessionUse[];
  /** Families that rotations name. */
  families?: Progression[] | undefined;
  /** Places of the week that families fill in turn, over `sessions`; of two that serve a day, the later. */
  rotations?: Rotation[] | undefined;
  waivers: Waiver[];
  paces: PaceSpec;
  /** The house rules as they stood when the block was laid out under them. */
  houseRules: RuleChanges;
  /** Rules of this block alone, over the house's. */
  overrides: RuleChanges;
  /** The goal race before this one, when the block follows another. */
  previousRace?: PreviousRace | undefined;
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
  /** No hard running until the coach lifts it. */
  injured: boolean;
  /** How results are made into times for other distances. */
  paceModel: PaceModelName;
  /** Beats a minute. */
  maxHeart: number | undefined;
  restHeart: number | undefined;
  /** What a minute of cross-training counts for this athlete, where it is not as in the house rules. */
  cross?: Partial<Record<CrossKind, number>> | undefined;
  /** The day a guardian’s consent was noted, of an athlete under 18. */
  guardianConsent?: CivilDate | undefined;
}

export interface Race {
  name: string;
  date: CivilDate;
  /** Metres. */
  distance: number;
  /** Seconds. */
  goalTime: number | undefined;
}

export interface VolumeSpec {
  start: number;
  peak: number;
  /** Weeks held at the peak before the taper. */
  holdAtPeak: number;
  /** First week at the peak; counted from the weeks held when undefined. */
  peakWeek?: number | undefined;
  growth: GrowthSpec;
  recovery: RecoverySpec;
}

/** What the coach may set of a school's growth. */
export interface GrowthSettings {
  /** Most growth over the last building week. */
  cap: number;
  /** Rise of the schools that climb by a fixed amount, m or s. */
  step: number;
  /** Weeks a step is held. */
  hold: number;
  /** Rises in which the peak is reached by the school that goes straight to it. */
  rises: number;
  /** Share that the school that alternates goes back by. */
  wayBack: number;
}

export interface GrowthSpec extends GrowthSettings {
  school: GrowthSchoolName;
}

export const reEntries = ['resume', 'one-step-above'] as const;

export interface RecoverySpec {
  every: 3 | 4 | 5 | 6 | 'none';
  /** Part taken off the last building week. */
  depth: number;
  reEntry: (typeof reEntries)[number];
  /** Numbers of the recovery weeks where the coach places them; else by cadence. */
  weeks?: number[] | undefined;
}

export interface LongRunSpec {
  start: number;
  peak: number;
  ladder: LadderName;
  lastPeakWeeksOut: number;
  segment: SegmentName;
  /** Of the long runs that build, every so many carry it; every second one when left out. */
  segmentEvery?: number | undefined;
  /** Numbers of the weeks whose long runs carry it, instead. */
  segmentWeeks?: number[] | undefined;
}

export interface TaperSpec {
  school: TaperSchoolName;
  /** Part cut from the heaviest week in race week; the school's own when undefined. */
  depth?: number | undefined;
}

export interface PaceSpec {
  /** The coach's named paces as they stood when the block took them. */
  table: NamedPace[];
  /** Whether sessions are run at what is current, at the goal, or on the way between. */
  aim: PaceAim;
  /** Days from which the paces rest on the results known by then, in order. */
  repaced: CivilDate[];
  /** Distances of the coach's own beside the standard ones, metres. */
  distances: number[];
}

export interface PreviousRace {
  name: string;
  date: CivilDate;
  /** Metres. */
  distance: number;
}

export interface WeekSpec {
  runDays: number;
  longRunOn: Weekday;
  qualityOn: Weekday[];
  restOn: Weekday[];
  /** How a day that is run twice is split. */
  doubles: DoubleOrder;
  /** Runs of a week that are to be outdoors, at most; the rest of its run days are done in the pool. */
  outdoorRuns?: number | undefined;
  /** Weekdays that are meant as a pair with the day after: hard on both. */
  pairs?: Weekday[] | undefined;
  /** Every run but the long one stays at this amount; only the long run grows. */
  midweek?: number | undefined;
  /** Roles from the first day of the block's first week on, 7, 9, 10 or 14 days; instead of the answers above. */
  days?: PatternDay[] | undefined;
  /** Roles of the weeks of a phase, where they differ. */
  byPhase?: PhasePattern[] | undefined;
  /** Weekdays that are the same week after week. */
  fixed?: FixedWeekday[] | undefined;
}

/** The coach's days within one kind of phase. */
export interface PhasePattern {
  phase: PhaseKind;
  days: PatternDay[];
}

/** A week's volume or long run fixed by the coach; kept exactly. */
export interface Pin {
  week: number;
  volume?: number | undefined;
  longRun?: number | undefined;
  /**
   * True where the climb begins anew from this week, however light it is: it is no
   * week of rest, and nothing that was run before it is gone back to.
   */
  restart?: true | undefined;
}

export interface Waiver {
  check: string;
  week?: number | undefined;
  reason: string;
  /** What was measured when it was waived; a worse value opens the finding again. */
  value?: number | undefined;
}

/**
 * A spec as given: only the race is needed, and its date may be left out when
 * a start is fixed. Whatever is missing is worked out by `resolve`.
 */
export type BlockSpec = Sparse<Omit<ResolvedSpec, 'race' | 'houseRules' | 'overrides'>> & {
  houseRules?: SomeRuleChanges | undefined;
  overrides?: SomeRuleChanges | undefined;
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
