import type { CivilDate } from '../base/index.js';

/** What was done: a run, or something instead of or beside one. */
export const entryKinds = [
  'run',
  'pool',
  'bike',
  'swim',
  'walk',
  'strength',
  'other',
  'missed',
] as const;
export type EntryKind = (typeof entryKinds)[number];

export const missedReasons = ['ill', 'sore', 'work', 'travel', 'weather', 'choice'] as const;
export type MissedReason = (typeof missedReasons)[number];

/** Where the figures of an entry came from, unless they were typed. */
export const entrySources = ['file', 'watch', 'athlete'] as const;
export type EntrySource = (typeof entrySources)[number];

/** What was run, or not run, in one place of one day. */
export interface RunEntry {
  date: CivilDate;
  /** Which of the day's runs, from 0. */
  place: number;
  kind: EntryKind;
  /** Metres. */
  distance?: number | undefined;
  /** Seconds. */
  time?: number | undefined;
  /** 1–10. */
  effort?: number | undefined;
  /** Mean beats a minute. */
  heart?: number | undefined;
  /** Seconds of each repetition or split, in the order they were run. */
  reps?: readonly number[] | undefined;
  /** How it went, in the coach’s own words. */
  note?: string | undefined;
  /** What the athlete says of it to the coach, and what the coach answered. */
  words?: string | undefined;
  answer?: string | undefined;
  /** In words. */
  weather?: string | undefined;
  /** What was eaten and drunk on the way. */
  fuel?: string | undefined;
  /** When it began, `07:30`. */
  start?: string | undefined;
  /** Why it was missed; of a missed run alone. */
  reason?: MissedReason | undefined;
  /** The day it was run instead; of a missed run alone. */
  movedTo?: CivilDate | undefined;
  source?: EntrySource | undefined;
}

/** Kinds that are neither running nor missed. */
export function isInstead(kind: EntryKind): boolean {
  return kind !== 'run' && kind !== 'missed';
}

/** Entries by their day, each day's in the order of their places. */
export function entriesByDay<T extends RunEntry>(entries: readonly T[]): Map<CivilDate, T[]> {
  const days = new Map<CivilDate, T[]>();
  for (const entry of entries) {
    const day = days.get(entry.date);
    if (day) day.push(entry);
    else days.set(entry.date, [entry]);
  }
  for (const day of days.values()) day.sort((one, other) => one.place - other.place);
  return days;
}

/** Days on which a run was missed, and none was run. */
export function missedOn(entries: readonly RunEntry[]): ReadonlySet<CivilDate> {
  const missed = entries.filter(({ kind }) => kind === 'missed').map(({ date }) => date);
  const ran = new Set(entries.filter(({ kind }) => kind === 'run').map(({ date }) => date));
  return new Set(missed.filter((date) => !ran.has(date)));
}
