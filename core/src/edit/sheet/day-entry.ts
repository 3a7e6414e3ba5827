import type { CrossKind } from '../../rules/index.js';
import type { AddOn, OtherRun, PatternRole, WorkKind } from '../../spec/days/index.js';

/** What a coach typed for a day. */
export type DayEntry =
  /** Nothing: the day is worked out again. */
  | { kind: 'free' }
  | { kind: 'role'; role: PatternRole }
  /** Running in m or s, as the block counts; the day keeps its role where none is named. */
  | {
      kind: 'amount';
      amount: number;
      role?: PatternRole | undefined;
      /** Of two runs the first. */
      firstRun?: number | undefined;
    }
  /** Cross-training: its kind, seconds, and a session where they are written. */
  | { kind: 'cross'; cross: CrossKind; time?: number | undefined; text?: string | undefined }
  /** Work beside whatever the day holds, and seconds of it where they are written. */
  | { kind: 'work'; work: WorkKind; time?: number | undefined }
  /** Strides, drills or hill sprints in whatever is run on the day. */
  | { kind: 'add-on'; addOn: AddOn }
  /** A session in shorthand, in a run of that length where one is written. */
  | {
      kind: 'session';
      text: string;
      amount?: number;
      /** What is run beside it. */
      otherRun?: OtherRun | undefined;
    }
  /** What the day holds, and what goes with it. */
  | { kind: 'with'; day: DayEntry; beside: readonly Beside[] };

/** Work or an add-on beside what a day holds. */
export type Beside = DayEntry & { kind: 'work' | 'add-on' };

/** A cell that was read, or why it was not. */
export type ReadCell<T> =
  | { ok: true; entry: T }
  | {
      ok: false;
      problem: string;
      /** A text that reads and may have been meant. */
      suggestion?: string | undefined;
    };
