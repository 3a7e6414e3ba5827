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
  const rest = without(reading, piece, surged);
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
  const middle = of('middle');
  const runs = laid.map(({ run }) => run);
  const [before, after] =
    middle.length > 0
      ? [without(reading, piece, runs, 2), without(reading, piece, runs, 2)]
      : [without(reading, piece, runs), undefined];
  const stretches = [...of('first'), before, ...middle, after, ...of('last')];
  return stretches.filter((each) => each !== undefined);
}

/** What is left of a run beside what it holds, half of it before that and half after; nothing where it is full. */
export function layHalves(
  reading: Reading,
  piece: Piece,
  held: Pick<Stretch, 'distance' | 'time'>,
): readonly [Stretch[], Stretch[]] {
  const half = without(reading, piece, [held], 2);
  return half ? [[half], [half]] : [[], []];
}

/** What is left of a run beside parts of it, or one of so many pieces of that; undefined where nothing is. */
function without(
  reading: Reading,
  { amount, target }: Piece,
  parts: readonly Pick<Stretch, 'distance' | 'time'>[],
  pieces = 1,
): Stretch | undefined {
  const { pace, hard, named } = quicknessOf(reading, target, amount);
  const whole = stretch('', amount, { pace, hard });
  const left =
    metresOf(amount) === undefined
      ? whole.time - sum(parts.map((part) => part.time))
      : ((whole.distance - sum(parts.map((part) => part.distance))) * pace) / 1000;
  if (left <= 0) return undefined;
  const time = left / pieces;
  const words = `${printAmount(rounded(partOf(amount, whole.time / time)))}${printTarget(target)}`;
  return { words, time, distance: (time / pace) * 1000, pace, hard, named };
}

/** An amount to the hundredth of its unit, as it is said; the middle of a range. */
function rounded(amount: SessionAmount): SessionAmount {
  const middle = (least: number) => ((amount.most ?? least) + least) / 2;
  return 'number' in amount
    ? { number: Math.round(middle(amount.number) * 100) / 100, unit: amount.unit }
    : { clock: Math.round(middle(amount.clock)) };
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
