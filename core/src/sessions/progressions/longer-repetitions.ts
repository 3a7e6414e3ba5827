import {
  type ProgressionRule,
  growRepeat,
  numberOf,
  scaleRecovery,
  resized,
} from './progression-rule.js';

/** Repetitions grow at the same pace, the recovery in proportion: 6 x 800 m, 6 x 1000 m. */
export const longerRepetitions: ProgressionRule = {
  title: 'Longer repetitions',
  why: 'Same pace and number, longer stretches, rest in proportion: hard volume grows quickly.',
  by: 'metres, seconds or minutes more a repetition',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const { amount } = part.piece;
      const grown = numberOf(amount) + by;
      return {
        ...part,
        piece: resized(part.piece, grown),
        recovery: scaleRecovery(part.recovery, grown / numberOf(amount)),
      };
    }),
};
