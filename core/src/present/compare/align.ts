import type { Block, Week } from '../../layout/index.js';

/** Weeks of two blocks that are as far from their races. */
export interface WeekPair {
  toGo: number;
  first: Week | undefined;
  second: Week | undefined;
}

/** Two blocks week for week by weeks to go, the longer one's first week first. */
export function alignWeeks(first: Pick<Block, 'weeks'>, second: Pick<Block, 'weeks'>): WeekPair[] {
  const length = Math.max(first.weeks.length, second.weeks.length);
  return Array.from({ length }, (_, index) => {
    const toGo = length - 1 - index;
    return {
      toGo,
      first: first.weeks[first.weeks.length - 1 - toGo],
      second: second.weeks[second.weeks.length - 1 - toGo],
    };
  });
}
