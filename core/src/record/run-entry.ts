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
  /** How it went, in words. */
  note?: string | undefined;
  /** Why it was missed; of a missed run alone. */
  reason?: MissedReason | undefined;
}
