import { sum } from '../../base/index.js';
import { metresOf, partOf, secondsOf } from '../shorthand/amounts.js';
import { MOST_EVEN_STEPS } from '../shorthand/parse-session.js';
import { printAmount, printTarget } from '../shorthand/print-session.js';
import type { Piece, Place, SessionAmount, Surges, Target } from '../shorthand/session.js';
import { endPace, mentioned, quicknessOf, type Reading, stepPace } from './quickness.js';
import { type Stretch, stretch } from './stretch.js';

/** Seconds of a step of a progression by time that names no number of them. Policy. */
const STEP_SECONDS = 300;

/** A piece of running: one stretch, or its steps, or what it is run in. */
export function layPiece(reading: Reading, piece: Piece): Stretch[] {
  const { amount, target, uphill, inside } = piece;
  if (inside) {
    return inside.map((bit) =>
      stretch(
        `${printAmount(bit.amount)} ${bit.name}`,
        bit.amount,
        mentioned(reading, { name: bit.name, offset: 0 }),
      ),
    );
  }
  const words = `${printAmount(amount)}${printTarget(target)}${uphill ? ' uphill' : ''}`;
  if (target?.kind !== 'progression') {
    return [stretch(words, amount, quicknessOf(reading, target, amount))];
  }
  const steps = target.steps ?? evenSteps(amount);
  const ends = endsOf(reading, target);
  return Array.from({ length: steps }, (_, step) =>
    stretch(
      `${words}, step ${step + 1}`,
      partOf(amount, steps),
      plainly(reading, stepPace(ends, step, steps)),
    ),
  );
}

/** One repetition of a progression that goes from the first of them to the last. */
export function layRepetition(
  reading: Reading,
  { amount, uphill }: Piece,
  target: Extract<Target, { kind: 'progression' }>,
  [index, count]: readonly [number, number],
): Stretch {
  const words = `${printAmount(amount)}${printTarget(target)}${uphill ? ' uphill' : ''}, ${index + 1}`;
  const pace = stepPace(endsOf(reading, target), index, count);
  return stretch(words, amount, plainly(reading, pace));
}

/** A run with some of its kilometres, miles or minutes run otherwise. */
export function layWithSurges(
  reading: Reading,
  piece: Piece,
  { unit, at, name }: Surges,
): Stretch[] {
  const quick = mentioned(reading, { name, offset: 0 });
  const one: SessionAmount = { number: 1, unit };
  const surged = at.map((number) => stretch(`${unit} ${number} ${name}`, one, quick));
  const rest = without(reading, piece, surged, unit === 'min');
  return rest ? [rest, ...surged] : surged;
}

/** A run whose first, middle or last is run otherwise, in the order it is run. */
export function layWithPlaces(reading: Reading, piece: Piece, places: readonly Place[]): Stretch[] {
  const laid = places.map(({ place, amount, target }) => ({
    place,
    run: stretch(
      `${place} ${printAmount(amount)}${printTarget(target)}`,
      amount,
      quicknessOf(reading, target, amount),
    ),
  }));
  const of = (wanted: Place['place']) =>
    laid.filter(({ place }) => place === wanted).map(({ run }) => run);
  const rest = without(
    reading,
    piece,
    laid.map(({ run }) => run),
    metresOf(piece.amount) === undefined,
  );
  const middle = of('middle');
  const around =
    rest && middle.length > 0 ? [half(rest), half(rest)] : rest ? [rest, undefined] : [];
  const stretches = [...of('first'), around[0], ...middle, around[1], ...of('last')];
  return stretches.filter((each) => each !== undefined);
}

/** What is left of a run beside what it holds, half of it before that and half after; nothing where it is full. */
export function layHalves(
  reading: Reading,
  piece: Piece,
  held: Pick<Stretch, 'distance' | 'time'>,
): readonly [Stretch[], Stretch[]] {
  const rest = without(reading, piece, [held], metresOf(piece.amount) === undefined);
  return rest ? [[half(rest)], [half(rest)]] : [[], []];
}

/** What is left of a run beside parts of it; undefined where nothing is. */
function without(
  reading: Reading,
  piece: Piece,
  parts: readonly Pick<Stretch, 'distance' | 'time'>[],
  byTime: boolean,
): Stretch | undefined {
  const whole = layPiece(reading, piece)[0];
  if (!whole) return undefined;
  const base = quicknessOf(reading, piece.target, piece.amount);
  const time = byTime
    ? whole.time - sum(parts.map((part) => part.time))
    : ((whole.distance - sum(parts.map((part) => part.distance))) * base.pace) / 1000;
  if (time <= 0) return undefined;
  const { pace, hard, named } = base;
  return { words: whole.words, time, distance: (time / pace) * 1000, pace, hard, named };
}

function half(of: Stretch): Stretch {
  return { ...of, time: of.time / 2, distance: of.distance / 2 };
}

function plainly({ paces }: Reading, pace: number) {
  return { pace, hard: pace <= paces.hardFrom };
}

function endsOf(
  reading: Reading,
  { from, to }: Extract<Target, { kind: 'progression' }>,
): readonly [number, number] {
  return [endPace(reading, from), endPace(reading, to)];
}

/** A step a kilometre, or every five minutes. */
function evenSteps(amount: SessionAmount): number {
  const metres = metresOf(amount);
  const each = metres === undefined ? secondsOf(amount) / STEP_SECONDS : metres / 1000;
  return Math.min(MOST_EVEN_STEPS, Math.max(2, Math.round(each)));
}
