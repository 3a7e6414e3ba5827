import { type ProgressionRule, growRepeat } from './progression-rule.js';

/** Less of the same: 8 x 400 m, 7 x 400 m; never less than one. */
export const fewerRepetitions: ProgressionRule = {
  title: 'Fewer repetitions',
  why: 'Same pace, same piece, fewer of them: the plainest way down towards the race.',
  by: 'repetitions fewer',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const less = (count: number) => Math.max(1, Math.round(count - by));
      return { ...part, count: { from: less(part.count.from), to: less(part.count.to) } };
    }),
};
