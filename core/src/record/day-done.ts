import { sum, type CivilDate } from '../base/index.js';
import { isInstead, type EntryKind, type MissedReason, type RunEntry } from './run-entry.js';

/** What is known of a planned day, as far as what was done is held against it. */
export interface PlannedRuns {
  date: CivilDate;
  /** Metres and seconds run. */
  distance: number;
  time: number;
  sessions: readonly { kind: string; distance: number; time: number }[];
  swap?: { kind: string } | undefined;
  beside: { cross?: string | undefined };
}

/**
 * What became of a day: `rest` nothing was planned or done, `unknown` nothing is
 * recorded of what was planned, `moved` it was run on another day, `instead`
 * something was done in place of a run.
 */
export const doneStates = ['rest', 'unknown', 'run', 'missed', 'moved', 'instead'] as const;
export type DoneState = (typeof doneStates)[number];

/** A day as it was, in figures. */
export interface DayDone {
  state: DoneState;
  /** Metres and seconds run; what of the two was not recorded follows from the planned pace. */
  distance: number;
  time: number;
  /** Seconds of anything else. */
  elsewhere: number;
  reason: MissedReason | undefined;
  movedTo: CivilDate | undefined;
}

/**
 * Works out what was done on a day from its entries.
 *
 * @param secondsPerMetre the pace where the day planned none, of easy running
 */
export function dayDone(
  planned: PlannedRuns,
  entries: readonly RunEntry[],
  secondsPerMetre: number,
): DayDone {
  const pace = planned.distance > 0 ? planned.time / planned.distance : secondsPerMetre;
  const runs = entries.filter(({ kind }) => kind === 'run');
  const instead = entries.filter(({ kind }) => isInstead(kind));
  const missed = entries.find(({ kind }) => kind === 'missed');
  return {
    state: stateOf(planned, { runs, instead, missed }),
    distance: sum(runs.map(({ distance, time = 0 }) => distance ?? time / pace)),
    time: sum(runs.map(({ distance = 0, time }) => time ?? distance * pace)),
    elsewhere: sum(instead.map(({ time = 0 }) => time)),
    reason: missed?.reason,
    movedTo: missed?.movedTo,
  };
}

function stateOf(
  planned: PlannedRuns,
  done: { runs: readonly RunEntry[]; instead: readonly RunEntry[]; missed: RunEntry | undefined },
): DoneState {
  const { runs, instead, missed } = done;
  const wasPlanned = planned.distance > 0 || planned.sessions.some(({ kind }) => kind === 'cross');
  if (runs.length > 0) return 'run';
  if (missed?.movedTo !== undefined) return 'moved';
  // Where nothing was to be run nothing was missed, unless the athlete was ill or sore that day.
  if (missed && (wasPlanned || missed.reason !== undefined)) return 'missed';
  if (instead.some(({ kind }) => kind !== 'strength')) return 'instead';
  return wasPlanned ? 'unknown' : 'rest';
}

const CROSS: ReadonlySet<string> = new Set(['pool', 'bike', 'swim']);

/** The entries that say a day was done as it was planned: one for each thing it held. */
export function asPlanned({ date, sessions, swap, beside }: PlannedRuns): RunEntry[] {
  return sessions
    .filter(({ time }) => time > 0)
    .map((session, place) => ({
      date,
      place,
      kind: kindOf(session.kind, swap?.kind ?? beside.cross),
      ...(session.kind === 'run' && { distance: Math.round(session.distance) }),
      time: Math.round(session.time),
    }));
}

function kindOf(kind: string, cross: string | undefined): EntryKind {
  if (kind === 'run' || kind === 'strength') return kind;
  return kind === 'cross' && CROSS.has(cross ?? '') ? (cross as EntryKind) : 'other';
}
