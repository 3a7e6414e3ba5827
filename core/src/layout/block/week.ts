import type { PhaseKind, SegmentName } from '../../spec/choices/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import type { Day } from './day.js';

export const weekKinds = ['building', 'recovery', 'taper', 'race'] as const;
export type WeekKind = (typeof weekKinds)[number];

/** Why a week's volume is what it is. */
export const volumeRules = [
  'start',
  'short-first-week',
  'pin',
  'rise',
  'peak',
  'held',
  're-entry',
  'recovery',
  'event',
  'steady',
  'bounded',
  'taper',
  'race',
] as const;
export type VolumeRule = (typeof volumeRules)[number];

/** Why a long run is as long as it is. */
export const longRunRules = [
  'start',
  'pin',
  'rung',
  'peak',
  'longest',
  'share-cap',
  'time-cap',
  'growth-cap',
  'recovery',
  'after-peak',
  'raced',
  'event',
  'no-day',
  'race',
] as const;
export type LongRunRule = (typeof longRunRules)[number];

/** What a week's long run holds besides easy running. Amounts in m or s. */
export interface Segment {
  name: SegmentName;
  /** Easy running before it. */
  before: number;
  amount: number;
  /** Easy running after it. */
  after: number;
  /** Seconds per km against race pace, at its start and at its end. */
  offset: readonly [start: number, end: number];
}

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
