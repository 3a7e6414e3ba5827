import type { BlockAnswer } from '@nadir/contract';
import { type SerializedError, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { type CallError, api, errorSentence } from '../api/api.js';
import {
  type DeskState,
  changed,
  conflictMet,
  draftOpened,
  mineKept,
  opened,
  redone,
  refused,
  saveStarted,
  saved,
  serverAway,
  theirsTaken,
  tryKept,
  undone,
} from './desk.js';
import { dropDraft, isKept, keepDraft } from './drafts.js';

const SETTLE_MS = 500;
const RETRY_MS = 3000;
/** The server takes this much of a history line. */
const MOST_WORDS = 500;

export const autosave = createListenerMiddleware<{ desk: DeskState }>();

const moved = isAnyOf(changed, undone, redone, tryKept, mineKept, draftOpened);

/** Every move is kept on this device at once, and stored when the hand has rested. */
autosave.startListening({
  matcher: moved,
  effect: async (_, listener) => {
    keep(listener.getState().desk);
    listener.cancelActiveListeners();
    await listener.delay(SETTLE_MS);
    await store(listener);
  },
});

/** What was changed while a save was on its way goes next. */
autosave.startListening({
  actionCreator: saved,
  effect: async (_, listener) => {
    const { desk } = listener.getState();
    if (desk.save !== 'waiting') return;
    // The draft goes on from the revision that was just stored.
    keep(desk);
    await store(listener);
  },
});

autosave.startListening({
  actionCreator: theirsTaken,
  effect: (_, listener) => {
    const { block } = listener.getState().desk;
    if (block) dropDraft(block.id);
  },
});

/** A block that was left unsaved is stored while another lies on the desk. */
autosave.startListening({
  matcher: isAnyOf(opened, draftOpened),
  effect: async (_, listener) => {
    const left = listener.getOriginalState().desk;
    if (!left.block || (left.save !== 'waiting' && left.save !== 'away')) return;
    while (listener.getState().desk.block?.id !== left.block.id) {
      const { error } = await send(left, listener.dispatch);
      if (!error || !('kind' in error) || error.kind !== 'away') return;
      await listener.delay(RETRY_MS);
    }
  },
});

/** While the server is away: again and again, and at once when the line is back. */
autosave.startListening({
  actionCreator: serverAway,
  effect: async (_, listener) => {
    listener.cancelActiveListeners();
    const online = new Promise((resolve) =>
      window.addEventListener('online', resolve, { once: true }),
    );
    await listener.pause(Promise.race([online, listener.delay(RETRY_MS)]));
    await store(listener);
  },
});

function keep({ block, present, unsaved }: DeskState): void {
  if (block && present && unsaved.length > 0) keepDraft({ block, wishes: present, unsaved });
}

type Listener = Parameters<Parameters<typeof autosave.startListening>[0]['effect']>[1];

/** Stores the version on the desk, unless one is on its way or waits for the coach. */
async function store(listener: Pick<Listener, 'getState' | 'dispatch'>): Promise<void> {
  const { desk } = listener.getState();
  if (desk.unsaved.length === 0 || (desk.save !== 'waiting' && desk.save !== 'away')) return;
  listener.dispatch(saveStarted());
  const { data, error } = await send(desk, listener.dispatch);
  // The answer is of no concern to a block that was opened meanwhile.
  if (listener.getState().desk.block?.id !== desk.block?.id) return;
  if (data) listener.dispatch(saved({ ...data, sent: desk.unsaved.length }));
  else if (error) listener.dispatch(notSaved(error));
}

/** Sends a version; once it is stored, its draft has served, unless a newer one took its place. */
async function send(
  { block, present, unsaved }: DeskState,
  dispatch: Listener['dispatch'],
): Promise<{ data?: BlockAnswer; error?: CallError | SerializedError }> {
  if (!block || !present) return {};
  const words = unsaved.join(' ').slice(-MOST_WORDS);
  const body = { revision: block.revision, wishes: present, words };
  const answer = await dispatch(api.endpoints.saveBlock.initiate({ id: block.id, body }));
  if (answer.data && isKept(block.id, present)) dropDraft(block.id);
  return answer;
}

/** What a save that did not succeed means for the desk. */
function notSaved(error: CallError | SerializedError) {
  if (!('kind' in error))
    return refused(error.message ?? 'The save broke on this page. Reload it.');
  if (error.kind === 'away') return serverAway();
  if (error.kind === 'refused' && error.refusal.current) return conflictMet(error.refusal.current);
  return refused(errorSentence(error));
}
