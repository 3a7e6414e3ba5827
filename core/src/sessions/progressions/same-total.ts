import { type ProgressionRule, growRepeat, numberOf, resized } from './progression-rule.js';

/** The total stays, in fewer and longer pieces: 12 x 400 m, 8 x 600 m, 6 x 800 m. */
export const sameTotal: ProgressionRule = {
  title: 'Same total, longer pieces',
  why: 'No more hard running than before, in longer pieces: harder without more load.',
  by: 'metres, seconds or minutes more a repetition',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const { amount } = part.piece;
      const grown = numberOf(amount) + by;
      const count = Math.max(1, Math.round((part.count.to * numberOf(amount)) / grown));
      return {
        ...part,
        count: { from: count, to: count },
        piece: resized(part.piece, grown),
      };
    }),
};
