import { metresOf } from '../shorthand/amounts.js';
import { knownMetres } from '../shorthand/known-metres.js';
import { sessionLimits } from '../shorthand/limits.js';
import type { Between, Part, Piece, SessionAmount, Target } from '../shorthand/session.js';

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
type Including = Extract<Part, { kind: 'including' }>;

/** Changes the first repetition there is, in a set too; others stay. */
export function growRepeat(parts: readonly Part[], grow: (part: Repeat) => Repeat): Part[] {
  return growFirst(parts, (part) => {
    if (part.kind === 'repeat') return grow(part);
    if (part.kind === 'set') return { ...part, parts: growRepeat(part.parts, grow) };
    return part.kind === 'including' ? holding(part, growRepeat(part.parts, grow)) : undefined;
  });
}

/** Changes the first continuous run that is run at something. */
export function growRun(parts: readonly Part[], grow: (part: Run) => Run): Part[] {
  return growFirst(parts, (part) => {
    if (part.kind === 'including') return holding(part, growRun(part.parts, grow));
    return part.kind === 'run' && part.piece.target ? grow(part) : undefined;
  });
}

/** A run with other parts in it, longer where they no longer fit; as it was where nobody runs so far. */
export function holding(part: Including, parts: Part[]): Including {
  const metres = metresOf(part.piece.amount);
  const held = knownMetres(parts);
  if (metres === undefined || held <= metres) return { ...part, parts };
  const piece = resized(part.piece, Math.ceil((numberOf(part.piece.amount) * held) / metres));
  return held <= (metresOf(piece.amount) ?? 0) ? { ...part, piece, parts } : part;
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
function withNumber(amount: SessionAmount, number: number): SessionAmount {
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

/** A piece of another length: what is run within it and the time for each go along in proportion. */
export function resized(piece: Piece, number: number): Piece {
  const { amount, target, inside } = piece;
  const next = withNumber(amount, number);
  const ratio = numberOf(next) / numberOf(amount);
  return {
    ...piece,
    amount: next,
    ...(target?.kind === 'each' && { target: eachTimes(target, ratio) }),
    ...(inside && {
      inside: inside.map((bit) => ({ ...bit, amount: exactly(bit.amount, ratio) })),
    }),
  };
}

/** A run of another length; where it gets shorter, so do its first, middle and last. */
export function resizedRun(part: Run, number: number): Run {
  const piece = resized(part.piece, number);
  const ratio = Math.min(1, numberOf(piece.amount) / numberOf(part.piece.amount));
  const places = part.places?.map((each) => ({ ...each, amount: exactly(each.amount, ratio) }));
  return { ...part, piece, ...(places && { places }) };
}

/** So that parts still add up to their whole, finer than anyone would write. */
function exactly(amount: SessionAmount, ratio: number): SessionAmount {
  const times = (number: number) => Number((number * ratio).toPrecision(12));
  const most = amount.most === undefined ? {} : { most: times(amount.most) };
  return 'number' in amount
    ? { ...amount, number: times(amount.number), ...most }
    : { number: times(amount.clock), unit: 's', ...most };
}

function eachTimes(target: Extract<Target, { kind: 'each' }>, ratio: number): Target {
  const tenths = (seconds: number) => Math.round(seconds * ratio * 10) / 10;
  const most = target.most === undefined ? {} : { most: tenths(target.most) };
  return { ...target, seconds: tenths(target.seconds), ...most };
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
