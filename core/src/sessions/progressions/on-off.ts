import { sessionLimits } from '../shorthand/limits.js';
import { type ProgressionRule, growRepeat, numberOf, resized } from './progression-rule.js';

/** Policy: the minutes on grow by this part in all from one exposure to the next. */
const GROWTH = 1.1;
const FEWEST = 3;

/** Minutes on grow, minutes off stay: 10 x 1 min, 7 x 1.5 min, 6 x 2 min. */
export const onOff: ProgressionRule = {
  title: 'Minutes on, minutes off',
  why: 'By feel and anywhere: longer stretches on, the same rest, a little more in all.',
  by: 'minutes more on',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const { amount } = part.piece;
      const grown = numberOf(amount) + by;
      const wanted = Math.round((GROWTH * part.count.to * numberOf(amount)) / grown);
      const count = Math.min(sessionLimits.repetitions, Math.max(FEWEST, wanted));
      return {
        ...part,
        count: { from: count, to: count },
        piece: resized(part.piece, grown),
      };
    }),
};
