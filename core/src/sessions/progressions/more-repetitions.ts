import { type ProgressionRule, growRepeat } from './progression-rule.js';

const MOST = 30;

/** More of the same: 5 x 1000 m, 6 x 1000 m. */
export const moreRepetitions: ProgressionRule = {
  title: 'More repetitions',
  why: 'Same pace, same piece, more of them: the plainest way to more hard running.',
  by: 'repetitions more',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const grown = (count: number) => Math.min(MOST, Math.max(1, Math.round(count + by)));
      return { ...part, count: { from: grown(part.count.from), to: grown(part.count.to) } };
    }),
};
