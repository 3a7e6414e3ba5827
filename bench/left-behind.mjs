import v8 from 'node:v8';
import vm from 'node:vm';
import { layOut } from '@nadir/core';
import { longBlock } from './example.mjs';

const BLOCKS = 100;

/**
 * How much of a block that is dropped outlives the quick collections, as a part
 * of the block: what is left behind grows until a full one stops the hand.
 */
export function benchLeftBehind() {
  v8.setFlagsFromString('--expose-gc');
  /** @type {(options?: { type: 'minor' }) => void} */
  const collect = vm.runInNewContext('gc');
  const heap = () => process.memoryUsage().heapUsed;
  const size = sizeOfOne();
  const before = settled();
  for (let block = 0; block < BLOCKS; block++) layOut(longBlock);
  // What a first one moves aside, a second one looks at again.
  collect({ type: 'minor' });
  collect({ type: 'minor' });
  const left = (heap() - before) / BLOCKS;
  return [
    `a laid-out block: ${(size / 1000).toFixed(0)} kB; left behind of a dropped one by quick collections: ${(left / size).toFixed(2)} of it`,
  ];

  /** Kept while they are weighed, and dropped with the function. */
  function sizeOfOne() {
    const empty = settled();
    const kept = Array.from({ length: BLOCKS }, () => layOut(longBlock));
    return (settled() - empty) / kept.length;
  }

  function settled() {
    collect();
    collect();
    return heap();
  }
}
