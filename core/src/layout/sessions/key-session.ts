import type { PhaseKind, Progression } from '../../spec/choices/index.js';
import {
  type Part,
  type SessionPaces,
  type SessionTotals,
  sessionTotals,
} from '../../sessions/index.js';
import type { PlannedDay } from '../week/planning.js';

/** A key session without warming up and cooling down, at the paces of its day. */
export interface KeySession {
  parts: readonly Part[];
  laid: SessionTotals;
  family: Progression;
  /** Counted from 1 for as long as the family stays. */
  exposure: number;
}

/** A week whose quality days are to be filled. */
export interface WeekToFill {
  number: number;
  phase: PhaseKind;
  /** Metres of the week, and of them what is raced, or run at race pace or near it in its long run. */
  distance: number;
  hardElsewhere: number;
  days: readonly PlannedDay[];
}

/** Where a quality day of the week has come to. */
export interface Line {
  family: Progression;
  exposure: number;
  parts: readonly Part[];
  laid: SessionTotals;
  /** Hard metres that the next family is sized to: hills are no measure for the flat. */
  toMatch: number;
  /** Part of what is written that the athlete begins with, for what is written line by line. */
  part?: number | undefined;
}

/** A session as it is laid out. */
export type Laid = Pick<Line, 'parts' | 'laid'>;

/** A quality day to be filled. */
export interface Place {
  /** From 0 within the week. */
  index: number;
  week: WeekToFill;
  paces: SessionPaces;
}

/** True for what is run as the coach wrote it. */
export function isAsWritten({ fit }: Pick<Progression, 'fit'>): boolean {
  return fit === false;
}

/** Parts at the paces of their day. */
export function lay(parts: readonly Part[], paces: SessionPaces): Laid {
  return { parts, laid: sessionTotals(parts, paces) };
}

/** A line that the next family is sized to: by its hard running, but for hills. */
export function matching(
  line: Omit<Line, 'toMatch'>,
  before: Pick<Line, 'toMatch'> | undefined,
): Line {
  const hard = line.laid.hardDistance;
  return { toMatch: line.laid.uphill ? (before?.toMatch ?? hard) : hard, ...line };
}
