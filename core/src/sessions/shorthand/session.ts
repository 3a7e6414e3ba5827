import type { Unit } from '../../base/index.js';

/** A distance or a time as it was written; with `most` where a range was, whose middle counts. */
export type SessionAmount = (
  { number: number; unit: SessionUnit } | { /** Seconds. */ clock: number }
) & { most?: number | undefined };
export type SessionUnit = 'm' | 'km' | 'mi' | 's' | 'min' | 'h';

/** A named pace, and seconds per km against it. */
export interface PaceMention {
  name: string;
  offset: number;
  /** Set where it was written in seconds a mile. */
  per?: 'mi' | undefined;
}

/** A pace that is written out. */
export interface ExactPace {
  seconds: number;
  per: Unit;
}

/** Where a progression begins or ends. */
export type PaceEnd = PaceMention | ExactPace;

/** What a piece is run at; of a range the middle counts. */
export type Target =
  | ({ kind: 'pace' } & PaceMention)
  /** In even steps; without a number of them from repetition to repetition, or kilometre to kilometre. */
  | { kind: 'progression'; from: PaceEnd; to: PaceEnd; steps?: number | undefined }
  | ({ kind: 'exact'; most?: number | undefined } & ExactPace)
  /** Seconds for the whole of each repetition. */
  | { kind: 'each'; seconds: number; most?: number | undefined }
  /** Beats a minute. */
  | { kind: 'heart'; from: number; to: number }
  /** Per cent of the highest heart rate. */
  | { kind: 'heart-share'; from: number; to: number }
  | { kind: 'effort'; level: number };

/** What is done between repetitions; after the last one too where it says so. */
export type Between = (
  | { kind: 'jog' | 'walk' | 'standing' | 'rest'; amount: SessionAmount }
  /** Running that goes on, at a named pace. */
  | { kind: 'run'; amount: SessionAmount; name: string }
  | { kind: 'walk-back' | 'jog-back' }
  | { kind: 'equal' }
) & { last?: true | undefined };

/** Some running without a stop. */
export interface Piece {
  amount: SessionAmount;
  target?: Target | undefined;
  uphill: boolean;
  /** What it is run in, one after the other; they fill it. */
  inside?: readonly { amount: SessionAmount; name: string }[] | undefined;
}

/** Kilometres, miles or minutes of a run that are run otherwise. */
export interface Surges {
  unit: 'km' | 'mi' | 'min';
  at: number[];
  name: string;
}

/** The first, the middle or the last of a run, run otherwise. */
export interface Place {
  place: 'first' | 'middle' | 'last';
  amount: SessionAmount;
  target: Target;
}

/** How many times; from and to are one unless a range was written. */
export interface Count {
  from: number;
  to: number;
}

/** A part of a session, between two semicolons. */
export type Part =
  /** What is not run: it takes its time, where one is written, and no distance. */
  (
    | { kind: 'words'; words: string; amount?: SessionAmount | undefined }
    | {
        kind: 'run';
        piece: Piece;
        surges?: Surges | undefined;
        places?: readonly Place[] | undefined;
      }
    | { kind: 'repeat'; count: Count; piece: Piece; recovery?: Between | undefined }
    | {
        kind: 'ladder';
        numbers: number[];
        unit: SessionUnit;
        target?: Target | undefined;
        uphill: boolean;
        recovery?: Between | undefined;
      }
    | { kind: 'set'; count: Count; parts: Part[]; recovery?: Between | undefined }
    /** A run that holds parts somewhere within it: they count in its amount. */
    | { kind: 'including'; piece: Piece; parts: Part[] }
  ) & { comment?: string | undefined };

/** A session as it was written: warm-up, parts, cool-down. */
export interface Session {
  parts: Part[];
}
