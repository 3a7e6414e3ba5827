import type { Block, Week } from '../../layout/block/index.js';

/** Weeks of several blocks that are as far from their races. */
export interface AlignedWeeks {
  toGo: number;
  /** In the order of the blocks; undefined where one is shorter. */
  weeks: readonly (Week | undefined)[];
}

/** Blocks week for week by weeks to go, the longest one's first week first. */
export function alignWeeks(blocks: readonly Pick<Block, 'weeks'>[]): AlignedWeeks[] {
  const length = Math.max(0, ...blocks.map(({ weeks }) => weeks.length));
  return Array.from({ length }, (_, index) => {
    const toGo = length - 1 - index;
    return { toGo, weeks: blocks.map(({ weeks }) => weeks[weeks.length - 1 - toGo]) };
  });
}
