import type { Store } from '@reduxjs/toolkit';
import { editorOf } from './editor-slice.js';
import type { Draft, WithEditor } from './editor-state.js';
import { draftsOf } from './drafts.js';
import { thisTab } from './tabs.js';

/** A save that is on its way is given this long. Milliseconds. */
const PATIENCE_MS = 3000;

/** What of a coach is not stored: what this device keeps, and what lies in the editor. */
export async function unsentOf(
  coachId: string,
  store: Pick<Store<WithEditor>, 'getState' | 'subscribe'>,
): Promise<Draft[]> {
  await settled(store);
  const { block, present: wishes, unsaved, sending } = editorOf(store.getState());
  const { drafts } = await draftsOf(coachId);
  if (!block || !wishes || unsaved.length === 0) return drafts;
  // A device that keeps nothing has no draft of it.
  const isInEditor = ({ tab, block: { id } }: Draft) => tab === thisTab && id === block.id;
  const at = new Date().toISOString();
  const inEditor = { coachId, tab: thisTab, at, block, wishes, unsaved, sending };
  return [inEditor, ...drafts.filter((draft) => !isInEditor(draft))];
}

function settled({ getState, subscribe }: Parameters<typeof unsentOf>[1]): Promise<void> {
  const isOnItsWay = () => ['waiting', 'saving'].includes(editorOf(getState()).save);
  if (!isOnItsWay()) return Promise.resolve();
  return new Promise((resolve) => {
    const done = () => {
      clearTimeout(timer);
      stop();
      resolve();
    };
    const timer = setTimeout(done, PATIENCE_MS);
    const stop = subscribe(() => {
      if (!isOnItsWay()) done();
    });
  });
}
