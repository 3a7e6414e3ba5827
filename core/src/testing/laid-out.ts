import type { CheckedBlock } from '../checked-block.js';
import { layOut } from '../lay-out.js';
import type { BlockSpec } from '../spec/index.js';

/** More than a property draws, of two kinds of specs. */
const MOST = 128;
const laid = new Map<string, CheckedBlock>();

/**
 * Lays out a spec that was drawn. With one seed the properties of a file draw the
 * same ones: each is laid out for all of them, and the latest are kept.
 */
export function laidOut(spec: BlockSpec): CheckedBlock {
  const key = JSON.stringify(spec);
  const block = laid.get(key) ?? layOut(spec);
  laid.delete(key);
  laid.set(key, block);
  for (const [oldest] of laid) if (laid.size > MOST) laid.delete(oldest);
  return block;
}
