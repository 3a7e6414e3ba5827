import type { BlockAnswer, BlockFile, OpenBlock } from '@nadir/contract';
import { memoizeLast } from '@nadir/core/base';
import {
  type Action,
  type ListenerEffectAPI,
  type SerializedError,
  type ThunkDispatch,
  TaskAbortError,
  createListenerMiddleware,
  isAnyOf,
} from '@reduxjs/toolkit';
import { api } from '../api/api.js';
import { type CallError, errorSentence } from '../api/call-error.js';
import {
  changed,
  conflictMet,
  editorReducer,
  draftsOpened,
  editorOf,
  keepingFailed,
  keepingWorks,
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
} from './editor-slice.js';
import type { EditorState, WithEditor } from './editor-state.js';
import { dropDraft, keepDraft, sameWishes } from './drafts.js';
import { tell, thisTab } from './tabs.js';
import * as wording from './wording.js';

const SETTLE_MS = 500;
/** Seconds between tries while the server is away; the last goes on. */
const PAUSES = [1, 2, 4, 8, 15, 30];
/** Seconds that are waited at the most, whatever something in between asks for. */
const LONGEST_PAUSE = 60;

type Dispatch = ThunkDispatch<WithEditor, unknown, Action>;
type Listener = ListenerEffectAPI<WithEditor, Dispatch>;

export const autosave = createListenerMiddleware<WithEditor, Dispatch>();

/** An error in a listener ends in a state that is shown, never in silence. */
function guarded(effect: (listener: Listener) => void | Promise<void>) {
  return async (_: unknown, listener: Listener) => {
    try {
      await effect(listener);
    } catch (error) {
      if (error instanceof TaskAbortError) throw error;
      listener.dispatch(refused(wording.savingBrokeOnThisPage));
      throw error;
    }
  };
}

const moved = isAnyOf(changed, undone, redone, tryKept, mineKept, theirsTaken, draftsOpened);

/** Every move is kept on this device at once, and stored when the hand has rested. */
autosave.startListening({
  matcher: moved,
  effect: guarded(async (listener) => {
    void keep(listener);
    listener.cancelActiveListeners();
    await listener.delay(SETTLE_MS);
    await store(listener);
  }),
});

/** Of two versions left on this device one goes on; the other waits in undo. */
autosave.startListening({
  matcher: isAnyOf(mineKept, theirsTaken),
  effect: guarded(async (listener) => {
    const [chosenFrom] = editorOf(listener.getOriginalState()).leftovers;
    if (!chosenFrom) return;
    const { coachId, block, tab } = chosenFrom;
    await keep(listener);
    await dropDraft({ coachId, blockId: block.id, tab });
  }),
});

/** What was changed while a save was on its way goes next. */
autosave.startListening({
  actionCreator: saved,
  effect: guarded(async (listener) => {
    const editor = editorOf(listener.getState());
    // The draft goes on from the revision that was just stored, or has served.
    await keep(listener);
    if (editor.block) tell({ kind: 'saved', tab: thisTab, block: editor.block.id });
    if (editor.save === 'waiting') await store(listener);
  }),
});

/** A block that was left unsaved is stored while another lies in the editor. */
autosave.startListening({
  matcher: isAnyOf(opened, draftsOpened),
  effect: guarded(async (listener) => {
    let left = editorOf(listener.getOriginalState());
    while (isUnsent(left) && editorOf(listener.getState()).block?.id !== left.block?.id) {
      left = editorReducer(left, saveStarted());
      await keepOrDrop(left);
      const answer = await send(left, listener.dispatch);
      left = editorReducer(left, outcome(answer, left));
      await keepOrDrop(left);
      if (left.save === 'away') await listener.delay(1000 * pauseOf(left));
    }
  }),
});

/** While the server is away: again and again with growing pauses, at once when the line is back. */
autosave.startListening({
  actionCreator: serverAway,
  effect: guarded(async (listener) => {
    listener.cancelActiveListeners();
    const online = new Promise((resolve) =>
      window.addEventListener('online', resolve, { once: true }),
    );
    const pause = 1000 * pauseOf(editorOf(listener.getState()));
    await listener.pause(Promise.race([online, listener.delay(pause)]));
    await store(listener);
  }),
});

function pauseOf({ tries, waitSeconds }: EditorState): number {
  const pause = PAUSES[Math.min(tries, PAUSES.length) - 1] ?? 1;
  return Math.min(LONGEST_PAUSE, Math.max(waitSeconds, pause));
}

function isUnsent({ block, present, unsaved, save }: EditorState): boolean {
  return (
    block !== null &&
    present !== null &&
    unsaved.length > 0 &&
    (save === 'waiting' || save === 'away' || save === 'saving')
  );
}

/** Keeps what is unsaved on this device, and says when the device does not. */
async function keep(listener: Listener): Promise<void> {
  const editor = editorOf(listener.getState());
  const works = await keepOrDrop(editor);
  if (works === undefined || works === editorOf(listener.getState()).kept) return;
  listener.dispatch(works ? keepingWorks() : keepingFailed());
}

/** When a version came to be: a save that is tried again makes it no later than another tab's. */
const changedAt = memoizeLast((_version: BlockFile) => new Date().toISOString());

/**
 * A version is kept until it is stored, and then no longer.
 *
 * @returns whether the device keeps it; undefined where there is nothing to keep
 */
async function keepOrDrop(editor: EditorState): Promise<boolean | undefined> {
  const { coachId, block, present, unsaved, sending } = editor;
  if (!block || !present) return undefined;
  if (unsaved.length === 0) {
    await dropDraft({ coachId, blockId: block.id, tab: thisTab });
    return undefined;
  }
  const at = changedAt(present);
  return keepDraft({ coachId, tab: thisTab, at, block, wishes: present, unsaved, sending });
}

/** Stores the version in the editor, unless one is on its way or waits for the coach. */
async function store(listener: Listener): Promise<void> {
  const editor = editorOf(listener.getState());
  if (!isUnsent(editor) || editor.save === 'saving') return;
  listener.dispatch(saveStarted());
  // Kept with the id of its save: after a reload it is still the same save.
  void keep(listener);
  const sent = editorOf(listener.getState());
  const answer = await send(sent, listener.dispatch);
  // The answer is of no concern to a block that was opened meanwhile.
  const { block, sending } = editorOf(listener.getState());
  if (block?.id !== sent.block?.id) return;
  // Nor is its failure to the stored version, opened in the place of what was sent.
  if (!answer.data && sending?.saveId !== sent.sending?.saveId) return;
  listener.dispatch(outcome(answer, sent));
}

interface Answer {
  data?: OpenBlock | undefined;
  error?: CallError | SerializedError | undefined;
}

/** Sends what is on its way; the same save until it is answered. */
async function send({ block, sending }: EditorState, dispatch: Dispatch): Promise<Answer> {
  if (!block || !sending) return {};
  const { saveId, wishes, words } = sending;
  const body = { saveId, revision: block.revision, wishes, words };
  return dispatch(api.endpoints.saveBlock.initiate({ id: block.id, body }));
}

/** What the answer to a save means for the editor. */
function outcome({ data, error }: Answer, { sending }: EditorState) {
  if (data) return saved(asSent(data, sending) ?? data);
  if (!error || !('kind' in error)) {
    return refused(error?.message ?? wording.theSaveBrokeOnThisPage);
  }
  if (error.kind === 'away') return serverAway(error.retryAfter);
  // An answer that is none comes from something in between: the save may be sent again.
  if (error.kind === 'unreadable' && error.status < 400) return serverAway();
  const current = error.kind === 'refused' ? error.refusal.current : undefined;
  if (!current) return refused(errorSentence(error));
  const stored = asSent(current, sending);
  return stored ? saved(stored) : conflictMet(current);
}

/** An answer that has what was sent, with the object that was sent: that is laid out and drawn already. */
function asSent<T extends BlockAnswer>(answer: T, sending: EditorState['sending']): T | undefined {
  if (!sending || !sameWishes(answer.wishes, sending.wishes)) return undefined;
  return { ...answer, wishes: sending.wishes };
}
