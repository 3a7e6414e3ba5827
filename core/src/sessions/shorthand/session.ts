import type { Unit } from '../../base/index.js';

/** A distance or a time as it was written. */
export type SessionAmount = { number: number; unit: SessionUnit } | { clock: number };
export type SessionUnit = 'm' | 'km' | 'mi' | 's' | 'min' | 'h';

/** A named pace, and seconds per km against it. */
export interface PaceMention {
  name: string;
  offset: number;
  /** Set where it was written in seconds a mile. */
  per?: 'mi' | undefined;
}

/** What a piece is run at. */
export type Target =
  | ({ kind: 'pace' } & PaceMention)
  | { kind: 'progression'; from: PaceMention; to: PaceMention; steps: number }
  | { kind: 'exact'; seconds: number; per: Unit }
  | { kind: 'heart'; from: number; to: number }
  | { kind: 'effort'; level: number };

/** What is done between repetitions. */
export type Between =
  | { kind: 'jog' | 'walk' | 'standing'; amount: SessionAmount }
  | { kind: 'walk-back' }
  | { kind: 'equal' };

/** Some running without a stop. */
export interface Piece {
  amount: SessionAmount;
  target?: Target | undefined;
  uphill: boolean;
}

/** Kilometres, miles or minutes of a run that are run otherwise. */
export interface Surges {
  unit: 'km' | 'mi' | 'min';
  at: number[];
  name: string;
}

/** How many times; from and to are one unless a range was written. */
export interface Count {
  from: number;
  to: number;
}

/** A part of a session, between two semicolons. */
export type Part = (
  | { kind: 'words'; words: string }
  | { kind: 'run'; piece: Piece; surges?: Surges | undefined }
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
) & { comment?: string | undefined };

/** A session as it was written: warm-up, parts, cool-down. */
export interface Session {
  parts: Part[];
}
