import type { Store } from '@reduxjs/toolkit';
import type { DeskState, Draft } from './desk.js';
import { draftsOf } from './drafts.js';
import { thisTab } from './tabs.js';

/** A save that is on its way is given this long. Milliseconds. */
const PATIENCE_MS = 3000;

/** What of a coach is not stored: what this device keeps, and what lies on the desk. */
export async function unsentOf(
  coachId: string,
  store: Pick<Store<{ desk: DeskState }>, 'getState' | 'subscribe'>,
): Promise<Draft[]> {
  await settled(store);
  const { desk } = store.getState();
  const { drafts } = await draftsOf(coachId);
  const { block, present: wishes, unsaved, sending } = desk;
  if (!block || !wishes || unsaved.length === 0) return drafts;
  // A device that keeps nothing has no draft of it.
  const isOnDesk = ({ tab, block: { id } }: Draft) => tab === thisTab && id === block.id;
  const at = new Date().toISOString();
  const onDesk = { coachId, tab: thisTab, at, block, wishes, unsaved, sending };
  return [onDesk, ...drafts.filter((draft) => !isOnDesk(draft))];
}

function settled({ getState, subscribe }: Parameters<typeof unsentOf>[1]): Promise<void> {
  const isOnItsWay = () => ['waiting', 'saving'].includes(getState().desk.save);
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
