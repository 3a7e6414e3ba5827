import { sessionLimits } from '../shorthand/limits.js';
import type { Between, Part, SessionAmount } from '../shorthand/session.js';

/** How a family goes on from one exposure to the next. */
export interface ProgressionRule {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  /** What `by` counts. */
  by: string;
  /**
   * The next exposure’s parts; the same where there is nothing left to grow.
   *
   * @param by how much, in the piece’s own unit unless the way says otherwise
   */
  next: (parts: readonly Part[], by: number) => Part[];
}

type Repeat = Extract<Part, { kind: 'repeat' }>;
type Run = Extract<Part, { kind: 'run' }>;

/** Changes the first repetition there is, in a set too; others stay. */
export function growRepeat(parts: readonly Part[], grow: (part: Repeat) => Repeat): Part[] {
  return growFirst(parts, (part) => {
    if (part.kind === 'repeat') return grow(part);
    if (part.kind !== 'set') return undefined;
    return { ...part, parts: growRepeat(part.parts, grow) };
  });
}

/** Changes the first continuous run that is run at something. */
export function growRun(parts: readonly Part[], grow: (part: Run) => Run): Part[] {
  return growFirst(parts, (part) =>
    part.kind === 'run' && part.piece.target ? grow(part) : undefined,
  );
}

function growFirst(parts: readonly Part[], grow: (part: Part) => Part | undefined): Part[] {
  let grown = false;
  return parts.map((part) => {
    const next = grown ? undefined : grow(part);
    grown ||= next !== undefined;
    return next ?? part;
  });
}

/** An amount in its own unit, clocks in seconds. */
export function numberOf(amount: SessionAmount): number {
  return 'number' in amount ? amount.number : amount.clock;
}

/** The same amount with another number, to what can be written down and read again. */
export function withNumber(amount: SessionAmount, number: number): SessionAmount {
  const limits = sessionLimits.amount;
  const { most } = amount;
  // A range grows at both ends alike.
  const far = most === undefined ? {} : { most: most + number - numberOf(amount) };
  if ('clock' in amount) return { clock: within(Math.round(number), 1, limits.s), ...far };
  return {
    ...amount,
    number: within(Math.round(number * 100) / 100, 0.01, limits[amount.unit]),
    ...far,
  };
}

function within(number: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, number));
}

/** A recovery scaled, to whole 5 seconds or 50 metres. */
export function scaleRecovery(between: Between | undefined, by: number): Between | undefined {
  if (!between || !('amount' in between)) return between;
  const { amount } = between;
  const step = 'number' in amount && amount.unit === 'm' ? 50 : isSeconds(amount) ? 5 : 0.25;
  const scaled = Math.max(step, step * Math.round((numberOf(amount) * by) / step));
  return { ...between, amount: withNumber(amount, scaled) };
}

function isSeconds(amount: SessionAmount): boolean {
  return 'clock' in amount || amount.unit === 's';
}
