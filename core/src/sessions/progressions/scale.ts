import { metresOf, secondsOf } from '../shorthand/amounts.js';
import type { Count, Part, Piece } from '../shorthand/session.js';
import { holding, numberOf, resizedRun } from './progression-rule.js';

/** Policy: repetitions of a session, in all its sets, that are laid of short pieces and of longer ones. */
const MOST_REPETITIONS = { short: 20, long: 16 };
/** Metres or seconds up to which a piece is short. */
const SHORT = { m: 300, s: 60 };
/** A hill is paid for in the calves long before it is in metres. */
const MOST_HILLS = 12;

/**
 * Parts scaled so that they hold about `ratio` times as much hard running:
 * repetitions by their number, a continuous run by its length. No more repetitions
 * than anyone would count, but for what was written with more.
 *
 * @param sets how often the parts are run
 */
export function scaled(parts: readonly Part[], ratio: number, sets = 1): Part[] {
  return parts.map((part): Part => {
    switch (part.kind) {
      case 'repeat':
        return { ...part, count: times(part, ratio, sets) };
      case 'set':
        return { ...part, parts: scaled(part.parts, ratio, sets * part.count.to) };
      case 'including':
        return holding(part, scaled(part.parts, ratio, sets));
      case 'run': {
        const { amount, target } = part.piece;
        if (!target) return part;
        const step = 'number' in amount && amount.unit === 'm' ? 100 : 'clock' in amount ? 30 : 1;
        const number = Math.max(step, step * Math.round((numberOf(amount) * ratio) / step));
        return resizedRun(part, number);
      }
      default:
        return part;
    }
  });
}

/** Half of it, for race week: repetitions rounded up. */
export function halved(parts: readonly Part[]): Part[] {
  return scaled(parts, 0.5);
}

type Repeat = Extract<Part, { kind: 'repeat' }>;

function times({ count, piece }: Repeat, ratio: number, sets: number): Count {
  const most = Math.max(count.to, Math.floor(mostOf(piece) / sets));
  const to = Math.min(most, Math.max(1, Math.round(count.to * ratio)));
  return { from: to, to };
}

function mostOf({ amount, uphill }: Piece): number {
  if (uphill) return MOST_HILLS;
  const metres = metresOf(amount);
  const isShort = metres === undefined ? secondsOf(amount) <= SHORT.s : metres <= SHORT.m;
  return isShort ? MOST_REPETITIONS.short : MOST_REPETITIONS.long;
}
