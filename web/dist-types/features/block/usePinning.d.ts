import { type BlockFile } from '@nadir/contract';
import { type Measure } from '@nadir/core';
import type { Pinning } from './Ledger.js';
/** Pinning on the wishes at hand: previews are drawn, kept pins become one undoable change. */
export declare function usePinning(wishes: BlockFile, measure: Measure): Pinning;
