import { memoizeLast } from '../../base/index.js';
import { printAmount } from '../shorthand/print-session.js';
import type { Part, Session, Target } from '../shorthand/session.js';
import type { SessionPaces } from '../shorthand/session-paces.js';
import { layBetween } from './lay-between.js';
import { layHalves, layPiece, layRepetition, layWithPlaces, layWithSurges } from './lay-piece.js';
import type { Reading } from './quickness.js';
import { rest, type Stretch } from './stretch.js';
import { isUphill } from './uphill.js';

/** What a session comes to: metres and seconds. */
export interface SessionTotals {
  distance: number;
  time: number;
  hardDistance: number;
  hardTime: number;
  /** True where some of it is run uphill. */
  uphill: boolean;
  /** Names that are none of the coach's paces; they were run easy. */
  unknown: string[];
}

/** A session laid out at an athlete's paces, stretch after stretch. */
export interface LaidSession extends Omit<SessionTotals, 'uphill'> {
  stretches: Stretch[];
}

/**
 * Lays a session out piece by piece. Recoveries stand between repetitions, one
 * fewer than these; words such as drills take no counted time.
 *
 * @param take whether ranges of repetitions are run to their least or their most
 */
export function laySession(
  session: Session,
  paces: SessionPaces,
  take: 'least' | 'most' = 'most',
): LaidSession {
  const { laid, unknown } = lay(session.parts, paces, { take, oneByOne: true });
  return {
    stretches: laid.map(({ stretch: each }) => each),
    unknown,
    ...totalsOf(laid),
  };
}

/** What a session comes to at its most, without laying out every repetition. */
export function sessionTotals(parts: readonly Part[], paces: SessionPaces): SessionTotals {
  const known = totalsAt(paces);
  const found = known.get(parts) ?? workedOut(parts, paces);
  known.set(parts, found);
  return found;
}

/** Worked out once for the same paces: a session comes again on many days of a block. */
const totalsAt = memoizeLast((_: SessionPaces) => new Map<readonly Part[], SessionTotals>());

function workedOut(parts: readonly Part[], paces: SessionPaces): SessionTotals {
  const { laid, unknown } = lay(parts, paces, { take: 'most', oneByOne: false });
  return { unknown, uphill: isUphill(parts), ...totalsOf(laid) };
}

/** A stretch, and how often it is run. */
interface Times {
  stretch: Stretch;
  times: number;
}

function totalsOf(laid: readonly Times[]): Omit<SessionTotals, 'unknown' | 'uphill'> {
  const totals = { distance: 0, time: 0, hardDistance: 0, hardTime: 0 };
  for (const { stretch: each, times } of laid) {
    totals.distance += times * each.distance;
    totals.time += times * each.time;
    if (!each.hard) continue;
    totals.hardDistance += times * each.distance;
    totals.hardTime += times * each.time;
  }
  return totals;
}

/** How a session is laid out. */
interface Laying extends Reading {
  take: 'least' | 'most';
  /** Every repetition in the order it is run; else alike ones together, the last run last. */
  oneByOne: boolean;
}

function lay(
  all: readonly Part[],
  paces: SessionPaces,
  how: Pick<Laying, 'take' | 'oneByOne'>,
): { laid: Times[]; unknown: string[] } {
  const laying: Laying = { paces, unknown: new Set(), ...how };
  const laid = layParts(laying, all);
  return { laid, unknown: [...laying.unknown] };
}

function layParts(laying: Laying, parts: readonly Part[]): Times[] {
  const only = parts.length === 1 ? parts[0] : undefined;
  return only ? layPart(laying, only) : parts.flatMap((part) => layPart(laying, part));
}

function layPart(laying: Laying, part: Part): Times[] {
  switch (part.kind) {
    case 'words':
      return part.amount
        ? once([rest(`${printAmount(part.amount)} ${part.words}`, part.amount)])
        : [];
    case 'run':
      return once(layRun(laying, part));
    case 'repeat': {
      const { target } = part.piece;
      if (target?.kind === 'progression' && target.steps === undefined) {
        return fromFirstToLast(laying, part, target);
      }
      return repeated(laying, part, once(layPiece(laying, part.piece)));
    }
    case 'set':
      return repeated(laying, part, layParts(laying, part.parts));
    case 'including':
      return layAround(laying, part);
    case 'ladder':
      return once(layPyramid(laying, part));
  }
}

function times(laying: Laying, { from, to }: { from: number; to: number }): number {
  return laying.take === 'least' ? from : to;
}

function layRun(laying: Laying, { piece, surges, places }: Extract<Part, { kind: 'run' }>) {
  if (surges) return layWithSurges(laying, piece, surges);
  return places ? layWithPlaces(laying, piece, places) : layPiece(laying, piece);
}

/** Repetitions that quicken, or slow, one after the other. */
function fromFirstToLast(
  laying: Laying,
  { count: range, piece, recovery }: Extract<Part, { kind: 'repeat' }>,
  target: Extract<Target, { kind: 'progression' }>,
): Times[] {
  const count = times(laying, range);
  return once(
    Array.from({ length: count }, (_, index) => {
      const run = layRepetition(laying, piece, target, [index, count]);
      const goesOn = index < count - 1 || recovery?.last === true;
      return goesOn ? [run, ...layBetween(laying, recovery, [run])] : [run];
    }).flat(),
  );
}

/** Every repetition is the same; the last is followed by nothing, unless that is said. */
function repeated(
  laying: Laying,
  part: Extract<Part, { kind: 'repeat' | 'set' }>,
  run: readonly Times[],
): Times[] {
  const { count: range, recovery } = part;
  const count = times(laying, range);
  const after = part.kind === 'set' ? run.slice(-1) : run;
  const between = once(
    layBetween(
      laying,
      recovery,
      after.map(({ stretch: each }) => each),
    ),
  );
  const gaps = recovery?.last ? count : count - 1;
  if (!laying.oneByOne) return [...multiplied(between, gaps), ...multiplied(run, count)];
  const laidOut: Times[] = [];
  for (let index = 0; index < count; index++) {
    laidOut.push(...run);
    if (index < gaps) laidOut.push(...between);
  }
  return laidOut;
}

/** Parts with what is left of their run before and after them. */
function layAround(
  laying: Laying,
  { piece, parts }: Extract<Part, { kind: 'including' }>,
): Times[] {
  const held = layParts(laying, parts);
  const [before, after] = layHalves(laying, piece, totalsOf(held));
  return [...once(before), ...held, ...once(after)];
}

/** Up and down the ladder, a recovery after every rung but the last. */
function layPyramid(laying: Laying, part: Extract<Part, { kind: 'ladder' }>): Stretch[] {
  const { unit, target, uphill } = part;
  const rungs = part.numbers.map((number) =>
    layPiece(laying, { amount: { number, unit }, target, uphill }),
  );
  return rungs.flatMap((rung, index) =>
    index === rungs.length - 1 && !part.recovery?.last
      ? rung
      : [...rung, ...layBetween(laying, part.recovery, rung)],
  );
}

function once(stretches: readonly Stretch[]): Times[] {
  return stretches.map((each) => ({ stretch: each, times: 1 }));
}

function multiplied(all: readonly Times[], by: number): Times[] {
  return by > 0
    ? all.map(({ stretch: each, times }) => ({ stretch: each, times: times * by }))
    : [];
}
