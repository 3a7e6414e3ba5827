import type { BlockAnswer, BlockFile } from '@nadir/contract';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

/** How the version on the desk stands to the stored one. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'away' | 'refused' | 'conflict';

/** A version and the words for the change that leads to or from it. */
interface Step {
  wishes: BlockFile;
  words: string;
}

/** A version that is tried: every change goes to it, and none to the one that stands. */
interface Trial {
  wishes: BlockFile;
  past: Step[];
  future: Step[];
}

/** The block that is being worked on, with all that undo needs. */
export interface DeskState {
  block: Omit<BlockAnswer, 'wishes'> | null;
  present: BlockFile | null;
  past: Step[];
  future: Step[];
  /** Wishes as they would be while a figure is typed; drawn, never saved. */
  preview: BlockFile | null;
  /** A second version tried beside the first; it is never stored until it is kept. */
  trial: Trial | null;
  /** Words of the changes that the stored version lacks. */
  unsaved: string[];
  save: SaveState;
  /** The newer stored version, when a save met one. */
  theirs: BlockAnswer | null;
  refusal: string | null;
}

/** A version kept on this device until it is stored. */
export interface Draft {
  block: Omit<BlockAnswer, 'wishes'>;
  wishes: BlockFile;
  unsaved: string[];
}

const empty: DeskState = {
  block: null,
  present: null,
  past: [],
  future: [],
  preview: null,
  trial: null,
  unsaved: [],
  save: 'saved',
  theirs: null,
  refusal: null,
};

const MOST_STEPS = 500;

const desk = createSlice({
  name: 'desk',
  initialState: empty,
  reducers: {
    opened: (_, { payload: { wishes, ...block } }: PayloadAction<BlockAnswer>) => ({
      ...empty,
      block,
      present: wishes,
    }),
    /** A draft goes back onto the desk; saving it will show whether it is stale. */
    draftOpened: (_, { payload: { block, wishes, unsaved } }: PayloadAction<Draft>) => ({
      ...empty,
      block,
      present: wishes,
      unsaved,
      save: 'waiting' as const,
    }),
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
      move(state, step.wishes, `Undone: ${step.words}`);
    },
    redone(state) {
      if (state.trial) {
        turn(state.trial, 'future', 'past');
        return;
      }
      const step = state.future.pop();
      if (!step || !state.present) return;
      state.past.push({ wishes: state.present, words: step.words });
      move(state, step.wishes, `Redone: ${step.words}`);
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
      const words = `Kept what was tried: ${past.map((step) => step.words).join(' ')}`;
      state.past = [...state.past, { wishes: state.present, words }].slice(-MOST_STEPS);
      state.future = [];
      move(state, wishes, words);
    },
    tryDropped(state) {
      state.trial = null;
      state.preview = null;
    },
    saveStarted(state) {
      state.save = 'saving';
    },
    /** Stored; what was changed meanwhile still waits. */
    saved(state, { payload: { wishes, ...block } }: PayloadAction<BlockAnswer & { sent: number }>) {
      const { sent, ...stored } = block;
      if (state.block?.id !== stored.id) return;
      state.block = stored;
      state.unsaved = state.unsaved.slice(sent);
      state.save = state.unsaved.length > 0 || state.present === null ? 'waiting' : 'saved';
      if (state.save === 'saved' && state.present) state.present = wishes;
    },
    serverAway(state) {
      state.save = 'away';
    },
    refused(state, { payload }: PayloadAction<string>) {
      state.save = 'refused';
      state.refusal = payload;
    },
    conflictMet(state, { payload }: PayloadAction<BlockAnswer>) {
      state.save = 'conflict';
      state.theirs = payload;
    },
    mineKept(state) {
      if (!state.theirs || !state.block) return;
      state.block.revision = state.theirs.revision;
      state.unsaved.push('Kept over a version saved elsewhere.');
      state.theirs = null;
      state.save = 'waiting';
    },
    /** Mine stays one undo away. */
    theirsTaken(state) {
      if (!state.theirs || !state.present) return;
      const { wishes, ...block } = state.theirs;
      const words = 'Took the version saved elsewhere.';
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

function move(state: DeskState, wishes: BlockFile, words: string): void {
  state.present = wishes;
  state.preview = null;
  state.refusal = null;
  state.unsaved.push(words);
  if (state.save !== 'conflict' && state.save !== 'saving') state.save = 'waiting';
}

export const deskReducer = desk.reducer;
export const {
  opened,
  draftOpened,
  previewed,
  changed,
  undone,
  redone,
  tryStarted,
  tryKept,
  tryDropped,
  saveStarted,
  saved,
  serverAway,
  refused,
  conflictMet,
  mineKept,
  theirsTaken,
} = desk.actions;
