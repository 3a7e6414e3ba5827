import { memoizeLast, METRES_PER_MILE, sum } from '../../base/index.js';
import { QUICKEST_PACE } from '../../paces/index.js';
import { printAmount, printTarget } from '../shorthand/print-session.js';
import type {
  Between,
  PaceMention,
  Part,
  Piece,
  Session,
  SessionAmount,
  SessionUnit,
  Surges,
  Target,
} from '../shorthand/session.js';
import { RACE_PACE, type SessionPaces } from '../shorthand/session-paces.js';

/** Some running, or some rest, as it comes one after the other. */
export interface Stretch {
  words: string;
  /** Metres run; none while standing or walking. */
  distance: number;
  /** Seconds. */
  time: number;
  /** Seconds per km; undefined at rest. */
  pace: number | undefined;
  hard: boolean;
  /** Id of the coach's pace it names, or `race pace`; undefined where it names none. */
  named?: string | undefined;
}

/** What a session comes to: metres and seconds. */
export interface SessionTotals {
  distance: number;
  time: number;
  hardDistance: number;
  hardTime: number;
  /** Names that are none of the coach's paces; they were run easy. */
  unknown: string[];
}

/** A session laid out at an athlete's paces, stretch after stretch. */
export interface LaidSession extends SessionTotals {
  stretches: Stretch[];
}

/** Effort out of ten from which running is hard, and the pace it is counted at. Policy. */
const HARD_EFFORT = 7;
/** Seconds per km walked back. Policy. */
const WALK = 600;

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
  return { stretches: laid.map(({ stretch: each }) => each), unknown, ...totalsOf(laid) };
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
  return { unknown, ...totalsOf(laid) };
}

/** A stretch, and how often it is run. */
interface Times {
  stretch: Stretch;
  times: number;
}

function totalsOf(laid: readonly Times[]): Omit<SessionTotals, 'unknown'> {
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
interface Laying {
  paces: SessionPaces;
  take: 'least' | 'most';
  /** Every repetition in the order it is run; else alike ones together, the last run last. */
  oneByOne: boolean;
  /** Names that are none of the coach's paces, as they are met. */
  unknown: Set<string>;
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
      return [];
    case 'run':
      return once(
        part.surges ? layWithSurges(laying, part.piece, part.surges) : layPiece(laying, part.piece),
      );
    case 'repeat':
      return repeated(laying, part, once(layPiece(laying, part.piece)));
    case 'set':
      return repeated(laying, part, layParts(laying, part.parts));
    case 'ladder':
      return once(layPyramid(laying, part));
  }
}

function times(laying: Laying, { from, to }: { from: number; to: number }): number {
  return laying.take === 'least' ? from : to;
}

/** Every repetition is the same; the last is followed by nothing. */
function repeated(
  laying: Laying,
  { count: range, recovery }: Extract<Part, { kind: 'repeat' | 'set' }>,
  run: readonly Times[],
): Times[] {
  const count = times(laying, range);
  const last = run.at(-1);
  const between = last ? once(layBetween(laying, recovery, [last.stretch])) : [];
  if (!laying.oneByOne) return [...multiplied(between, count - 1), ...multiplied(run, count)];
  const laidOut: Times[] = [];
  for (let index = 0; index < count; index++) {
    laidOut.push(...run);
    if (index < count - 1) laidOut.push(...between);
  }
  return laidOut;
}

function layPiece(laying: Laying, { amount, target, uphill }: Piece): Stretch[] {
  const words = `${printAmount(amount)}${printTarget(target)}${uphill ? ' uphill' : ''}`;
  if (target?.kind !== 'progression') return [stretch(words, amount, paceOf(laying, target))];
  const { from, to, steps } = target;
  const [first, last] = [mentioned(laying, from).pace, mentioned(laying, to).pace];
  return Array.from({ length: Math.max(1, steps) }, (_, step) => {
    const pace = steps < 2 ? last : first + ((last - first) * step) / (steps - 1);
    const part = partOf(amount, steps);
    return stretch(`${words}, step ${step + 1}`, part, {
      pace,
      hard: pace <= laying.paces.hardFrom,
    });
  });
}

/** A run with some of its kilometres, miles or minutes run otherwise. */
function layWithSurges(laying: Laying, piece: Piece, { unit, at, name }: Surges): Stretch[] {
  const base = paceOf(laying, piece.target);
  const quick = mentioned(laying, { name, offset: 0 });
  const one: SessionAmount = { number: 1, unit };
  const whole = layPiece(laying, piece)[0];
  if (!whole) return [];
  const surged = at.map((number) => stretch(`${unit} ${number} ${name}`, one, quick));
  const out = unit === 'min' ? sum(surged.map(({ time }) => time)) : 0;
  const left =
    unit === 'min'
      ? Math.max(0, whole.time - out)
      : (Math.max(0, whole.distance - sum(surged.map(({ distance }) => distance))) * base.pace) /
        1000;
  const rest = {
    words: whole.words,
    time: left,
    distance: (left / base.pace) * 1000,
    pace: base.pace,
    hard: base.hard,
    named: base.named,
  };
  return left > 0 ? [rest, ...surged] : surged;
}

function layBetween(
  laying: Laying,
  between: Between | undefined,
  after: readonly Stretch[],
): Stretch[] {
  const last = after.at(-1);
  if (!between || !last) return [];
  if (between.kind === 'walk-back') {
    return [rest('walk back', (last.distance * WALK) / 1000)];
  }
  if (between.kind === 'equal') return [jog(laying, 'equal jog', { clock: last.time })];
  const words = `${printAmount(between.amount)} ${between.kind}`;
  if (between.kind === 'jog') return [jog(laying, words, between.amount)];
  return [
    rest(
      words,
      metresOf(between.amount) === undefined
        ? secondsOf(between.amount)
        : ((metresOf(between.amount) ?? 0) * WALK) / 1000,
    ),
  ];
}

function jog(laying: Laying, words: string, amount: SessionAmount): Stretch {
  return stretch(words, amount, { pace: laying.paces.jog, hard: false });
}

/** How quick something is run, and by which of the coach's paces. */
type Quickness = Pick<Stretch, 'hard' | 'named'> & { pace: number };

function paceOf(laying: Laying, target: Target | undefined): Quickness {
  switch (target?.kind) {
    case 'pace':
      return mentioned(laying, target);
    case 'exact': {
      const pace = target.per === 'mi' ? (target.seconds * 1000) / METRES_PER_MILE : target.seconds;
      return { pace, hard: pace <= laying.paces.hardFrom };
    }
    case 'effort':
      return target.level >= HARD_EFFORT
        ? { pace: laying.paces.hardFrom, hard: true }
        : { pace: laying.paces.easy, hard: false };
    default:
      return { pace: laying.paces.easy, hard: false };
  }
}

function mentioned(laying: Laying, { name, offset }: PaceMention): Quickness {
  const found = laying.paces.find(name);
  if (!found) {
    laying.unknown.add(name);
    return { pace: laying.paces.easy, hard: false };
  }
  const pace = Math.max(QUICKEST_PACE, found.pace + offset);
  // Strides are quick, and over before they are hard; race pace is hard however slow the goal.
  const hard = pace <= laying.paces.hardFrom || (found.id === RACE_PACE && offset <= 0);
  return { pace, hard: hard && found.id !== 'strides', named: found.id };
}
/** Up and down the ladder, a recovery after every rung but the last. */
function layPyramid(laying: Laying, part: Extract<Part, { kind: 'ladder' }>): Stretch[] {
  const { unit, target, uphill } = part;
  const rungs = part.numbers.map((number) =>
    layPiece(laying, { amount: { number, unit }, target, uphill }),
  );
  return rungs.flatMap((rung, index) =>
    index === rungs.length - 1 ? rung : [...rung, ...layBetween(laying, part.recovery, rung)],
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

function stretch(words: string, amount: SessionAmount, { pace, hard, named }: Quickness): Stretch {
  const metres = metresOf(amount);
  const time = metres === undefined ? secondsOf(amount) : (metres * pace) / 1000;
  const part = { words, distance: metres ?? (time / pace) * 1000, time, pace, hard };
  return named === undefined ? part : { ...part, named };
}

function rest(words: string, time: number): Stretch {
  return { words, distance: 0, time, pace: undefined, hard: false };
}

const METRES: Partial<Readonly<Record<SessionUnit, number>>> = {
  m: 1,
  km: 1000,
  mi: METRES_PER_MILE,
};
const SECONDS: Partial<Readonly<Record<SessionUnit, number>>> = { s: 1, min: 60, h: 3600 };

/** Metres of a distance; undefined for a time. */
function metresOf(amount: SessionAmount): number | undefined {
  const each = 'number' in amount ? METRES[amount.unit] : undefined;
  return each === undefined || !('number' in amount) ? undefined : amount.number * each;
}

function secondsOf(amount: SessionAmount): number {
  return 'number' in amount ? amount.number * (SECONDS[amount.unit] ?? 0) : amount.clock;
}

function partOf(amount: SessionAmount, steps: number): SessionAmount {
  return 'number' in amount
    ? { number: amount.number / steps, unit: amount.unit }
    : { clock: amount.clock / steps };
}
