import { type BlockFile } from '@nadir/contract';
import { type Block, type ShownBlock } from '@nadir/core';
export interface LaidAndShown {
  block: Block;
  shown: ShownBlock;
}
/** Lays out wishes afresh whenever they change, in the coach's measure. */
export declare function useLaidBlock(wishes: BlockFile): LaidAndShown;
