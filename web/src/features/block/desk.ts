import type { BlockAnswer, BlockFile } from '@nadir/contract';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

/** How the version on the desk stands to the stored one. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'away' | 'refused' | 'conflict';

/** A version and the words for the change that leads to or from it. */
interface Step {
  wishes: BlockFile;
  words: string;
}

/** The block that is being worked on, with all that undo needs. */
export interface DeskState {
  block: Omit<BlockAnswer, 'wishes'> | null;
  present: BlockFile | null;
  past: Step[];
  future: Step[];
  /** Wishes as they would be while a figure is typed; drawn, never saved. */
  preview: BlockFile | null;
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
      state.past = [...state.past, { wishes: state.present, words }].slice(-MOST_STEPS);
      state.future = [];
      move(state, wishes, words);
    },
    undone(state) {
      const step = state.past.pop();
      if (!step || !state.present) return;
      state.future.push({ wishes: state.present, words: step.words });
      move(state, step.wishes, `Undone: ${step.words}`);
    },
    redone(state) {
      const step = state.future.pop();
      if (!step || !state.present) return;
      state.past.push({ wishes: state.present, words: step.words });
      move(state, step.wishes, `Redone: ${step.words}`);
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
  saveStarted,
  saved,
  serverAway,
  refused,
  conflictMet,
  mineKept,
  theirsTaken,
} = desk.actions;
