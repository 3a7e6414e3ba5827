import type { Part } from '../shorthand/session.js';
import { type ProgressionRule, numberOf, withNumber } from './progression-rule.js';

/** The easy part gives way to the part at pace behind it: 12 + 4 km, 10 + 6 km. */
export const moreAtTheEnd: ProgressionRule = {
  title: 'More of it at pace',
  why: 'The run stays as long; more and more of it is run at the pace: for running it tired.',
  by: 'kilometres or minutes from easy to pace',
  next(parts, by) {
    const [easy, paced, ...rest] = parts;
    if (easy?.kind !== 'run' || paced?.kind !== 'run') return [...parts];
    const left = numberOf(easy.piece.amount) - by;
    if (left <= 0) return [...parts];
    return [grown(easy, left), grown(paced, numberOf(paced.piece.amount) + by), ...rest];
  },
};

function grown(part: Extract<Part, { kind: 'run' }>, number: number): Part {
  return { ...part, piece: { ...part.piece, amount: withNumber(part.piece.amount, number) } };
}
