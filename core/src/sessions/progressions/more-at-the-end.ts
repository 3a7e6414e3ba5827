import { type ProgressionRule, numberOf, resizedRun } from './progression-rule.js';

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
    const more = numberOf(paced.piece.amount) + by;
    return [resizedRun(easy, left), resizedRun(paced, more), ...rest];
  },
};
