import { type BlockFile, block, blockFile } from '@nadir/contract';
import { z } from 'zod';
import type { Draft } from './desk.js';

const draft = z.strictObject({
  block: block.omit({ wishes: true }),
  wishes: blockFile,
  unsaved: z.array(z.string()),
});

/** Where a block's unsaved version is kept, so that neither a closed tab nor a lost line loses it. */
const keyOf = (blockId: string) => `nadir.draft.${blockId}`;

export function keepDraft(kept: Draft): void {
  localStorage.setItem(keyOf(kept.block.id), JSON.stringify(kept));
}

export function dropDraft(blockId: string): void {
  localStorage.removeItem(keyOf(blockId));
}

/** The kept version; undefined when there is none, or none that can be read. */
export function readDraft(blockId: string): Draft | undefined {
  const text = localStorage.getItem(keyOf(blockId));
  if (text === null) return undefined;
  try {
    return draft.parse(JSON.parse(text));
  } catch {
    // Written by another version of Nadir: it cannot be opened, and must not block the stored one.
    return undefined;
  }
}

/** True when the kept version is this very one, in whatever order its fields were written. */
export function isKept(blockId: string, wishes: BlockFile): boolean {
  const kept = readDraft(blockId)?.wishes;
  return kept !== undefined && JSON.stringify(kept) === JSON.stringify(blockFile.parse(wishes));
}
