import { type ProgressionRule, growRepeat, numberOf, resized } from './progression-rule.js';

/** The hill grows, the number stays: 6 x 45 s uphill, 6 x 60 s uphill. */
export const longerHill: ProgressionRule = {
  title: 'Longer hill',
  why: 'Strength first, then strength that lasts; the walk back grows with the hill.',
  by: 'seconds or metres of hill more',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      if (!part.piece.uphill) return part;
      const { amount } = part.piece;
      return {
        ...part,
        piece: resized(part.piece, numberOf(amount) + by),
      };
    }),
};
