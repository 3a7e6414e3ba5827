import type { CivilDate } from '../../base/index.js';
import type { EntryKind } from '../run-entry.js';

/** Something that was done, as a file or a watch tells it. */
export interface Activity {
  date: CivilDate;
  /** When it began, `07:30`; undefined where the file does not say. */
  start?: string | undefined;
  kind: Exclude<EntryKind, 'missed'>;
  /** Metres. */
  distance?: number | undefined;
  /** Seconds moving. */
  time?: number | undefined;
  effort?: number | undefined;
  /** Mean beats a minute. */
  heart?: number | undefined;
  note?: string | undefined;
  /** Seconds of each repetition that was found in a track; of each whole kilometre or mile where none was to be run. */
  reps?: readonly number[] | undefined;
}

/** A point of a track: metres and seconds of moving since it began. */
export interface TrackMark {
  metres: number;
  seconds: number;
}

/** What could not be read of a file, and where. */
export interface ImportProblem {
  /** `line 7`, or empty for the whole of it. */
  where: string;
  message: string;
}

/** What a file held. */
export interface ActivitiesRead {
  activities: Activity[];
  problems: ImportProblem[];
}
