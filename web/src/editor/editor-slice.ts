import type { BlockAnswer, BlockFile, OpenBlock } from '@nadir/contract';
import { changeWords } from '@nadir/contract/words';
import { type PayloadAction, createSlice, current } from '@reduxjs/toolkit';
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';
import { v4 as uuid } from 'uuid';
import type { Draft, EditorState, Step, Trial, WithEditor } from './editor-state.js';
import { laterReducers } from './later.js';
import * as wording from './wording.js';

const empty: EditorState = {
  coachId: '',
  block: null,
  present: null,
  past: [],
  future: [],
  preview: null,
  trial: null,
  unsaved: [],
  sending: null,
  save: 'saved',
  tries: 0,
  waitSeconds: 0,
  kept: true,
  theirs: null,
  leftovers: [],
  refusal: null,
};

const MOST_STEPS = 500;

const editor = createSlice({
  name: 'editor',
  initialState: empty,
  reducers: {
    opened: {
      prepare: (block: OpenBlock, coachId?: string) => ({
        payload: { block, coachId: coachId ?? '' },
      }),
      reducer: (
        { kept },
        { payload }: PayloadAction<{ block: OpenBlock; coachId: string }>,
      ): EditorState => {
        const { wishes, ...block } = payload.block;
        return { ...empty, kept, coachId: payload.coachId, block, present: wishes };
      },
    },
    /**
     * A draft goes back into the editor; saving it will show whether it is stale.
     * Where several were left, the coach chooses before anything is saved.
     */
    draftsOpened: ({ kept }, { payload }: PayloadAction<[Draft, ...Draft[]]>): EditorState => {
      const [{ coachId, block, wishes, unsaved, sending }, ...leftovers] = payload;
      const save = leftovers.length > 0 ? 'conflict' : 'waiting';
      return { ...empty, kept, coachId, block, present: wishes, unsaved, sending, save, leftovers };
    },
    previewed(state, { payload }: PayloadAction<BlockFile | null>) {
      state.preview = payload;
    },
    changed(state, { payload: { wishes, words } }: PayloadAction<Step>) {
      if (!state.present) return;
      state.preview = null;
      if (state.trial) {
        state.trial.past.push({ wishes: state.trial.wishes, words });
        Object.assign(state.trial, { wishes, future: [] });
        return;
      }
      state.past = [...state.past, { wishes: state.present, words }].slice(-MOST_STEPS);
      state.future = [];
      move(state, wishes, words);
    },
    undone(state) {
      if (state.trial) {
        turn(state.trial, 'past', 'future');
        return;
      }
      const step = state.past.pop();
      if (!step || !state.present) return;
      state.future.push({ wishes: state.present, words: step.words });
      move(state, step.wishes, wording.undone(step.words));
    },
    redone(state) {
      if (state.trial) {
        turn(state.trial, 'future', 'past');
        return;
      }
      const step = state.future.pop();
      if (!step || !state.present) return;
      state.past.push({ wishes: state.present, words: step.words });
      move(state, step.wishes, wording.redone(step.words));
    },
    tryStarted(state) {
      if (state.present) state.trial = { wishes: state.present, past: [], future: [] };
    },
    /** What was tried takes the place of what stood, as one change. */
    tryKept(state) {
      if (!state.trial || !state.present) return;
      const { wishes, past } = state.trial;
      state.trial = null;
      state.preview = null;
      if (past.length === 0) return;
      const words = wording.keptWhatWasTried(past.map((step) => step.words).join(' '));
      state.past = [...state.past, { wishes: state.present, words }].slice(-MOST_STEPS);
      state.future = [];
      move(state, wishes, words);
    },
    tryDropped(state) {
      state.trial = null;
      state.preview = null;
    },
    saveStarted: {
      prepare: () => ({ payload: uuid() }),
      reducer(state, { payload: saveId }: PayloadAction<string>) {
        if (!state.present) return;
        state.save = 'saving';
        state.sending ??= {
          saveId,
          wishes: state.present,
          words: changeWords(state.unsaved),
          count: state.unsaved.length,
        };
      },
    },
    /** Stored; what was changed meanwhile still waits. */
    saved(state, { payload: { wishes, ...block } }: PayloadAction<BlockAnswer | OpenBlock>) {
      if (state.block?.id !== block.id) return;
      const old = current(state.block);
      // A version that was stored already is answered without its past: it has not moved.
      // A past that has not moved stays the same object, and nothing is laid out again for it.
      state.block = copyWithStructuralSharing(old, { history: old.history, ...block });
      state.unsaved = state.unsaved.slice(state.sending?.count ?? 0);
      state.sending = null;
      state.tries = 0;
      state.save = state.unsaved.length > 0 || state.present === null ? 'waiting' : 'saved';
      if (state.save === 'saved' && state.present) state.present = wishes;
    },
    /** Days that are over were opened for changes, or closed. */
    pastChanged(state, { payload: { id, history } }: PayloadAction<OpenBlock>) {
      if (state.block?.id === id) state.block.history = history;
    },
    /** No answer: whether the save was stored is not known, so it stays the same save. */
    serverAway(state, { payload }: PayloadAction<number | undefined>) {
      state.save = 'away';
      state.tries += 1;
      state.waitSeconds = payload ?? 0;
    },
    refused(state, { payload }: PayloadAction<string>) {
      state.save = 'refused';
      state.sending = null;
      state.refusal = payload;
    },
    conflictMet(state, { payload }: PayloadAction<BlockAnswer>) {
      state.save = 'conflict';
      state.sending = null;
      state.theirs = payload;
    },
    mineKept(state) {
      const other = state.leftovers.shift();
      if (other && state.present) {
        state.past.push({ wishes: other.wishes, words: wording.keptOverAnUnsavedVersion });
        state.save = state.leftovers.length > 0 ? 'conflict' : 'waiting';
        return;
      }
      if (!state.theirs || !state.block) return;
      state.block.revision = state.theirs.revision;
      state.unsaved.push(wording.keptOverAVersionSavedElsewhere);
      state.theirs = null;
      state.save = 'waiting';
    },
    keepingFailed(state) {
      state.kept = false;
    },
    keepingWorks(state) {
      state.kept = true;
    },
    /** Mine stays one undo away. */
    theirsTaken(state) {
      const other = state.leftovers.shift();
      if (other && state.present) {
        state.past.push({ wishes: state.present, words: wording.tookAnotherUnsavedVersion });
        state.future = [];
        move(state, other.wishes, other.unsaved.join(' '));
        state.save = state.leftovers.length > 0 ? 'conflict' : 'waiting';
        return;
      }
      if (!state.theirs || !state.present) return;
      const { wishes, ...theirs } = state.theirs;
      const block = { ...theirs, history: state.block?.history ?? [] };
      const words = wording.tookTheVersionSavedElsewhere;
      state.past.push({ wishes: state.present, words });
      Object.assign(state, {
        block,
        present: wishes,
        future: [],
        unsaved: [],
        theirs: null,
        save: 'saved',
      });
    },
  },
});

/** Takes the last step of one stack back, and lays it on the other. */
function turn(trial: Trial, from: 'past' | 'future', to: 'past' | 'future'): void {
  const step = trial[from].pop();
  if (!step) return;
  trial[to].push({ wishes: trial.wishes, words: step.words });
  trial.wishes = step.wishes;
}

function move(state: EditorState, wishes: BlockFile, words: string): void {
  state.present = wishes;
  state.preview = null;
  state.refusal = null;
  state.unsaved.push(words);
  if (state.save !== 'conflict' && state.save !== 'saving') state.save = 'waiting';
}

export const editorReducer = editor.reducer;
const injected = editor.injectInto(laterReducers);
/** The editor of a store: empty before a block is opened. */
export const editorOf = (state: WithEditor): EditorState => injected.selectSlice(state);
export const {
  opened,
  draftsOpened,
  previewed,
  changed,
  undone,
  redone,
  tryStarted,
  tryKept,
  tryDropped,
  saveStarted,
  saved,
  pastChanged,
  serverAway,
  refused,
  conflictMet,
  mineKept,
  theirsTaken,
  keepingFailed,
  keepingWorks,
} = editor.actions;
