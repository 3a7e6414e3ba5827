import {
  type ProgressionRule,
  growRepeat,
  numberOf,
  resized,
  scaleRecovery,
} from './progression-rule.js';

/** Repetitions come down, the recovery in proportion: 6 x 1000 m, 6 x 800 m, 6 x 600 m. */
export const shorterRepetitions: ProgressionRule = {
  title: 'Shorter repetitions',
  why: 'Same number, shorter stretches, rest in proportion: from lasting to lively.',
  by: 'metres, seconds or minutes less a repetition',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const whole = numberOf(part.piece.amount);
      const left = whole - by;
      if (left <= 0) return part;
      return {
        ...part,
        piece: resized(part.piece, left),
        recovery: scaleRecovery(part.recovery, left / whole),
      };
    }),
};
