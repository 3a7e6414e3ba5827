import type {
  AddOn,
  DayRole,
  LaidSwap,
  OtherRun,
  PatternDay,
  WorkKind,
} from '../../spec/days/index.js';
import type { CivilDate } from '../../base/index.js';

/** One thing done on a day: a run, cross-training, or work beside running. */
export interface DaySession {
  kind: 'run' | 'cross' | WorkKind;
  shorthand: string;
  /** Metres run; 0 unless a run. */
  distance: number;
  /** Seconds it takes. */
  time: number;
  hardDistance: number;
  hardTime: number;
  /** The family it is an exposure of, counted from 1. */
  family?: { id: string; name: string; exposure: number } | undefined;
  /** The small work that goes with it. */
  addOn?: AddOn | undefined;
}

/** Why a day holds as much as it does. */
export const dayRules = [
  'rest',
  'away',
  'race',
  'long',
  'pin',
  'session',
  'own-session',
  'share',
  'cross',
  'swap',
] as const;
export type DayRule = (typeof dayRules)[number];

/** One day of a laid-out block. */
export interface Day {
  date: CivilDate;
  role: DayRole;
  rule: DayRule;
  /** True where its easy running is at recovery pace. */
  atRecovery: boolean;
  /** Metres run; an estimate from the paces when the block counts time. */
  distance: number;
  /** Seconds run; an estimate from the paces when the block counts distance. */
  time: number;
  /** Seconds of it that are hard. */
  hardTime: number;
  /** Seconds of cross-training, and what it is worth as easy running, metres and seconds. */
  cross: { time: number; equivalentDistance: number; equivalentTime: number };
  swap: LaidSwap | undefined;
  /** True where something quick is run, be it strides. */
  quick: boolean;
  /** What goes with its role, as the week has it or the coach fixed it. */
  beside: Beside;
  /** Morning first. */
  sessions: DaySession[];
}

/** What a day is told by: both of two runs, else the first thing done; empty on a day of rest. */
export function toldOf({ sessions }: Pick<Day, 'sessions'>): DaySession[] {
  const runs = sessions.filter(({ kind }) => kind === 'run');
  return runs.length > 1 ? runs : sessions.slice(0, 1);
}

/** What a day is about: of two runs the longer, else the first thing done; undefined on a day of rest. */
export function mainOf(day: Pick<Day, 'sessions'>): DaySession | undefined {
  const [first, second] = toldOf(day);
  if (!first || !second) return first;
  return second.family || second.distance > first.distance ? second : first;
}

/** The run of a day that its written session is not, as it is laid out. */
export function besideSession(
  { sessions }: Pick<Day, 'sessions'>,
  { first }: Pick<OtherRun, 'first'>,
): DaySession | undefined {
  return sessions.filter(({ kind }) => kind === 'run')[first ? 0 : 1];
}

/** True for a run that is done indoors because the coach wants so many outdoors. */
export function isIndoors({ swap }: Pick<Day, 'swap'>): boolean {
  return swap?.reason === 'indoors';
}

/** What goes with a day's role and moves with it. */
export type Beside = Pick<PatternDay, 'double' | WorkKind | 'addOn' | 'cross'>;

const HARD: ReadonlySet<DayRole> = new Set(['quality', 'tune-up', 'test']);

/**
 * True for a day of hard running: by its role, or by a session written for a
 * day of another role. The long run is one of its own; a swapped day is none.
 */
export function isHardRunning({
  role,
  swap,
  hardTime,
}: Pick<Day, 'role' | 'swap' | 'hardTime'>): boolean {
  return swap === undefined && (HARD.has(role) || (role !== 'long' && hardTime > 0));
}
