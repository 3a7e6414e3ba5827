import { anyBlockFile, block } from '@nadir/contract';
import { z } from 'zod';
import type { Draft } from './editor-state.js';
import { keepDraft } from './drafts.js';

/** As drafts were kept before each page had its own. */
const legacy = z.object({
  block: block.omit({ wishes: true }),
  wishes: anyBlockFile,
  unsaved: z.array(z.string()),
});

/** Moves what an older Nadir kept of a block to where drafts are kept now; it never throws. */
export async function adoptLegacyDraft(coachId: string, blockId: string): Promise<void> {
  try {
    const key = `nadir.draft.${blockId}`;
    const text = localStorage.getItem(key);
    if (text === null) return;
    const { block: stored, ...rest } = legacy.parse(JSON.parse(text));
    const kept: Draft = {
      ...rest,
      block: { ...stored, history: [] },
      coachId,
      tab: 'before-tabs',
      at: new Date().toISOString(),
      sending: null,
    };
    if (await keepDraft(kept)) localStorage.removeItem(key);
  } catch {
    // Denied, or not ours: it stays where it is.
  }
}
