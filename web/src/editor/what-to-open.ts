import type { BlockAnswer } from '@nadir/contract';
import type { Draft } from './editor-state.js';
import { type KeptDrafts, draftsOf, dropDraft, keepDraft, sameWishes } from './drafts.js';
import { adoptLegacyDraft } from './legacy-drafts.js';
import { liveTabs, thisTab } from './tabs.js';

/**
 * What this device keeps of a block that no other page is working on, newest
 * first. What the server has already is dropped.
 */
export async function whatToOpen(
  coachId: string,
  blockId: string,
  stored: BlockAnswer | undefined,
): Promise<KeptDrafts> {
  await adoptLegacyDraft(coachId, blockId);
  const [{ drafts, unreadable }, live] = await Promise.all([
    draftsOf(coachId, blockId),
    liveTabs(),
  ]);
  const free = drafts.filter(({ tab }) => tab === thisTab || !live.has(tab));
  const isStored = ({ wishes }: Draft) => stored !== undefined && sameWishes(wishes, stored.wishes);
  await Promise.all(free.filter(isStored).map(({ tab }) => dropDraft({ coachId, blockId, tab })));
  return { drafts: free.filter((each) => !isStored(each)), unreadable };
}

/** Makes a draft this page’s own: kept anew first, dropped under its old page then. */
export async function adopt(draft: Draft): Promise<void> {
  const { coachId, tab, block } = draft;
  if (tab === thisTab) return;
  if (await keepDraft({ ...draft, tab: thisTab })) {
    await dropDraft({ coachId, blockId: block.id, tab });
  }
}
