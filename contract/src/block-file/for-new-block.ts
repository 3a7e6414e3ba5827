import { isLaidAsThen, newestEngine } from '@nadir/core/rules';
import type { BlockFile } from './schema.js';

/**
 * A file as a new block begins from it: under its own defaults, or the newest
 * where blocks are no longer laid out as they were under those. Nothing of it
 * has been handed out yet, so there is nothing to keep.
 */
export function forNewBlock(file: BlockFile): BlockFile {
  return isLaidAsThen(file.engine) ? file : { ...file, engine: newestEngine };
}
