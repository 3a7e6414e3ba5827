import { type SerializedError, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { type CallError, api, errorSentence } from '../../api/api.js';
import {
  type DeskState,
  changed,
  conflictMet,
  draftOpened,
  mineKept,
  redone,
  refused,
  saveStarted,
  saved,
  serverAway,
  theirsTaken,
  undone,
} from './desk.js';
import { dropDraft, keepDraft } from './drafts.js';

const SETTLE_MS = 500;
const RETRY_MS = 3000;
/** The server takes this much of a history line. */
const MOST_WORDS = 500;

export const autosave = createListenerMiddleware<{ desk: DeskState }>();

const moved = isAnyOf(changed, undone, redone, mineKept, draftOpened);

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

autosave.startListening({
  matcher: isAnyOf(saved, theirsTaken),
  effect: async (_, listener) => {
    const { block, save } = listener.getState().desk;
    if (block && save === 'saved') dropDraft(block.id);
    if (save === 'waiting') await store(listener);
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
  if (block && present) keepDraft({ block, wishes: present, unsaved });
}

type Listener = Parameters<Parameters<typeof autosave.startListening>[0]['effect']>[1];

/** Sends the version on the desk, unless one is on its way or waits for the coach. */
async function store(listener: Pick<Listener, 'getState' | 'dispatch'>): Promise<void> {
  const { block, present, unsaved, save } = listener.getState().desk;
  if (!block || !present || (save !== 'waiting' && save !== 'away')) return;
  listener.dispatch(saveStarted());
  const words = unsaved.join(' ').slice(-MOST_WORDS);
  const body = { revision: block.revision, wishes: present, words: words || 'Changed.' };
  const { data, error } = await listener.dispatch(
    api.endpoints.saveBlock.initiate({ id: block.id, body }),
  );
  if (data) listener.dispatch(saved({ ...data, sent: unsaved.length }));
  else listener.dispatch(notSaved(error));
}

/** What a save that did not succeed means for the desk. */
function notSaved(error: CallError | SerializedError) {
  if (!('kind' in error))
    return refused(error.message ?? 'The save broke on this page. Reload it.');
  if (error.kind === 'away') return serverAway();
  if (error.kind === 'refused' && error.refusal.current) return conflictMet(error.refusal.current);
  return refused(errorSentence(error));
}
