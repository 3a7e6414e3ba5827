import type { Part } from '../shorthand/session.js';
import { holding, numberOf, resizedRun } from './progression-rule.js';

const MOST_REPETITIONS = 30;
/** A hill is paid for in the calves long before it is in metres. */
const MOST_HILLS = 12;

/**
 * Parts scaled so that they hold about `ratio` times as much hard running:
 * repetitions by their number, a continuous run by its length.
 */
export function scaled(parts: readonly Part[], ratio: number): Part[] {
  return parts.map((part): Part => {
    switch (part.kind) {
      case 'repeat':
        return { ...part, count: times(part.count.to * ratio, part.piece.uphill) };
      case 'set':
        return { ...part, parts: scaled(part.parts, ratio) };
      case 'including':
        return holding(part, scaled(part.parts, ratio));
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

function times(wished: number, uphill: boolean): { from: number; to: number } {
  const most = uphill ? MOST_HILLS : MOST_REPETITIONS;
  const count = Math.min(most, Math.max(1, Math.round(wished)));
  return { from: count, to: count };
}
