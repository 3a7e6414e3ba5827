import { METRES_PER_MILE } from '../units/measure.js';
import { sum } from '../units/apportion.js';
import { printAmount, printTarget } from './print-session.js';
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
} from './session.js';
import type { SessionPaces } from './session-paces.js';

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
}

/** A session laid out at an athlete's paces. */
export interface LaidSession {
  stretches: Stretch[];
  distance: number;
  time: number;
  hardDistance: number;
  hardTime: number;
  /** Names that are none of the coach's paces; they were run easy. */
  unknown: string[];
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
  const unknown = new Set<string>();
  const stretches = layParts(session.parts);
  const hard = stretches.filter((stretch) => stretch.hard);
  return {
    stretches,
    distance: sum(stretches.map(({ distance }) => distance)),
    time: sum(stretches.map(({ time }) => time)),
    hardDistance: sum(hard.map(({ distance }) => distance)),
    hardTime: sum(hard.map(({ time }) => time)),
    unknown: [...unknown],
  };

  function layParts(parts: readonly Part[]): Stretch[] {
    return parts.flatMap(layPart);
  }

  function layPart(part: Part): Stretch[] {
    switch (part.kind) {
      case 'words':
        return [];
      case 'run':
        return part.surges ? layWithSurges(part.piece, part.surges) : layPiece(part.piece);
      case 'repeat':
        return repeated(times(part.count), () => layPiece(part.piece), part.recovery);
      case 'set':
        return repeated(times(part.count), () => layParts(part.parts), part.recovery);
      case 'ladder': {
        const { unit, target, uphill } = part;
        const rungs = part.numbers.map((number) =>
          layPiece({ amount: { number, unit }, target, uphill }),
        );
        return rungs.flatMap((rung, index) =>
          index === rungs.length - 1 ? rung : [...rung, ...layBetween(part.recovery, rung)],
        );
      }
    }
  }

  function times({ from, to }: { from: number; to: number }): number {
    return take === 'least' ? from : to;
  }

  function repeated(count: number, lay: () => Stretch[], recovery: Between | undefined) {
    return Array.from({ length: count }, (_, index) => {
      const once = lay();
      return index === count - 1 ? once : [...once, ...layBetween(recovery, once)];
    }).flat();
  }

  function layPiece({ amount, target, uphill }: Piece): Stretch[] {
    const words = `${printAmount(amount)}${printTarget(target)}${uphill ? ' uphill' : ''}`;
    if (target?.kind !== 'progression') return [stretch(words, amount, paceOf(target))];
    const { from, to, steps } = target;
    const [first, last] = [mentioned(from).pace, mentioned(to).pace];
    return Array.from({ length: Math.max(1, steps) }, (_, step) => {
      const pace = steps < 2 ? last : first + ((last - first) * step) / (steps - 1);
      const part = partOf(amount, steps);
      return stretch(`${words}, step ${step + 1}`, part, { pace, hard: pace <= paces.hardFrom });
    });
  }

  /** A run with some of its kilometres, miles or minutes run otherwise. */
  function layWithSurges(piece: Piece, { unit, at, name }: Surges): Stretch[] {
    const base = paceOf(piece.target);
    const quick = mentioned({ name, offset: 0 });
    const one: SessionAmount = { number: 1, unit };
    const whole = layPiece(piece)[0];
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
    };
    return left > 0 ? [rest, ...surged] : surged;
  }

  function layBetween(between: Between | undefined, after: readonly Stretch[]): Stretch[] {
    const last = after.at(-1);
    if (!between || !last) return [];
    if (between.kind === 'walk-back') {
      return [rest('walk back', (last.distance * WALK) / 1000)];
    }
    if (between.kind === 'equal') return [jog('equal jog', { clock: last.time })];
    const words = `${printAmount(between.amount)} ${between.kind}`;
    if (between.kind === 'jog') return [jog(words, between.amount)];
    return [
      rest(
        words,
        metresOf(between.amount) === undefined
          ? secondsOf(between.amount)
          : ((metresOf(between.amount) ?? 0) * WALK) / 1000,
      ),
    ];
  }

  function jog(words: string, amount: SessionAmount): Stretch {
    return stretch(words, amount, { pace: paces.jog, hard: false });
  }

  function paceOf(target: Target | undefined): { pace: number; hard: boolean } {
    switch (target?.kind) {
      case 'pace':
        return mentioned(target);
      case 'exact': {
        const pace =
          target.per === 'mi' ? (target.seconds * 1000) / METRES_PER_MILE : target.seconds;
        return { pace, hard: pace <= paces.hardFrom };
      }
      case 'effort':
        return target.level >= HARD_EFFORT
          ? { pace: paces.hardFrom, hard: true }
          : { pace: paces.easy, hard: false };
      default:
        return { pace: paces.easy, hard: false };
    }
  }

  function mentioned({ name, offset }: PaceMention): { pace: number; hard: boolean } {
    const found = paces.find(name);
    if (!found) {
      unknown.add(name);
      return { pace: paces.easy, hard: false };
    }
    const pace = found.pace + offset;
    // Strides are quick, and over before they are hard.
    return { pace, hard: pace <= paces.hardFrom && found.id !== 'strides' };
  }
}

function stretch(
  words: string,
  amount: SessionAmount,
  { pace, hard }: { pace: number; hard: boolean },
): Stretch {
  const metres = metresOf(amount);
  const time = metres === undefined ? secondsOf(amount) : (metres * pace) / 1000;
  return { words, distance: metres ?? (time / pace) * 1000, time, pace, hard };
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
