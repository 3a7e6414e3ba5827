import { metresOf, secondsOf } from '../shorthand/amounts.js';
import type { Count, Part, Piece } from '../shorthand/session.js';
import { holding, numberOf, resizedRun } from './progression-rule.js';

/** Policy: repetitions of a session, in all its sets, that are laid of short pieces and of longer ones. */
const MOST_REPETITIONS = { short: 20, long: 16 };
/** Metres or seconds up to which a piece is short. */
const SHORT = { m: 300, s: 60 };
/** A hill is paid for in the calves long before it is in metres. */
const MOST_HILLS = 12;

/** Policy: one repetition is no session up to this; a longer one may be all of it. */
const LONG_ENOUGH = { m: 1200, s: 300 };

/**
 * Parts scaled so that they hold about `ratio` times as much hard running:
 * repetitions by their number, a continuous run by its length. No more repetitions
 * than anyone would count, but for what was written with more.
 *
 * @param least the fewest that several short repetitions come to: nobody warms up for 600 m
 */
export function scaled(parts: readonly Part[], ratio: number, least = 2): Part[] {
  return resized(parts, { ratio, least, sets: 1 });
}

/** Half of it, for race week: repetitions rounded up. */
export function halved(parts: readonly Part[]): Part[] {
  return resized(parts, { ratio: 0.5, least: 1, sets: 1 });
}

/** `sets`: how often the parts are run. */
interface Resizing {
  ratio: number;
  least: number;
  sets: number;
}

function resized(parts: readonly Part[], to: Resizing): Part[] {
  return parts.map((part): Part => {
    switch (part.kind) {
      case 'repeat':
        return { ...part, count: times(part, to) };
      case 'set':
        return { ...part, parts: resized(part.parts, { ...to, sets: to.sets * part.count.to }) };
      case 'including':
        return holding(part, resized(part.parts, to));
      case 'run': {
        const { amount, target } = part.piece;
        if (!target) return part;
        const step = 'number' in amount && amount.unit === 'm' ? 100 : 'clock' in amount ? 30 : 1;
        const number = Math.max(step, step * Math.round((numberOf(amount) * to.ratio) / step));
        return resizedRun(part, number);
      }
      default:
        return part;
    }
  });
}

type Repeat = Extract<Part, { kind: 'repeat' }>;

function times({ count, piece }: Repeat, { ratio, least, sets }: Resizing): Count {
  const most = Math.max(count.to, Math.floor(mostOf(piece) / sets));
  const isSeveral = sets === 1 && count.to > 1 && !isLong(piece);
  const to = Math.min(most, Math.max(isSeveral ? least : 1, Math.round(count.to * ratio)));
  return { from: to, to };
}

function isLong({ amount, uphill }: Piece): boolean {
  if (uphill) return false;
  const metres = metresOf(amount);
  return metres === undefined ? secondsOf(amount) > LONG_ENOUGH.s : metres > LONG_ENOUGH.m;
}

function mostOf({ amount, uphill }: Piece): number {
  if (uphill) return MOST_HILLS;
  const metres = metresOf(amount);
  const isShort = metres === undefined ? secondsOf(amount) <= SHORT.s : metres <= SHORT.m;
  return isShort ? MOST_REPETITIONS.short : MOST_REPETITIONS.long;
}
