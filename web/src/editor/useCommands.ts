import { type BlockFile, changedFile, problemsOfShape } from '@nadir/contract';
import type { Command } from '@nadir/core/edit';
import { isLaidAsThen } from '@nadir/core/rules';
import type { Issue } from '@nadir/core/spec';
import { useMemo } from 'react';
import { useStore } from 'react-redux';
import { pastProblems } from './past-problems.js';
import { changed, editorOf, previewed } from './editor-slice.js';
import type { EditorState, WithEditor } from './editor-state.js';
import * as wording from './wording.js';

/** A block whose days are taken from the store stays as it is until it is laid out anew. */
const OF_OLDER_DEFAULTS: Issue = {
  code: 'older-defaults',
  path: [],
  message: wording.thisBlockWasLaidOut,
};

/** The one way in which a block is changed: shown first where it is wished, kept as one undoable step. */
export interface Commands {
  /** Draws the change without keeping it; gives back what stands in its way. */
  show: (command: Command) => Issue[];
  /** Keeps the change; gives back what stands in its way, and keeps nothing then. */
  run: (command: Command) => Issue[];
  /** Draws the block as it is again. */
  cancel: () => void;
}

/** The version that changes go to: what is tried, else what stands. */
export function activeFile({ trial, present }: EditorState): BlockFile | null {
  return trial?.wishes ?? present;
}

/** Commands on the block that is in the editor; the same functions for as long as the page lives. */
export function useCommands(): Commands {
  const store = useStore<WithEditor>();
  return useMemo(() => {
    /** The changed file, or what stands in its way. */
    const tried = ({ change }: Command): ReturnType<typeof changedFile> => {
      const editor = editorOf(store.getState());
      const file = activeFile(editor);
      const next = file ? changedFile(file, change) : { ok: false as const, problems: [] };
      if (!file || !next.ok) return next;
      const { engine } = next.value;
      const problems = isLaidAsThen(engine)
        ? pastProblems(file, next.value, editor.block?.history)
        : [OF_OLDER_DEFAULTS];
      return problems.length > 0 ? { ok: false, problems } : next;
    };
    return {
      show(command) {
        const next = tried(command);
        store.dispatch(previewed(next.ok ? next.value : null));
        return next.ok ? [] : next.problems;
      },
      run(command) {
        const next = tried(command);
        if (!next.ok) return next.problems;
        // What cannot be written down could be neither kept nor saved.
        const problems = problemsOfShape(next.value);
        if (problems.length > 0) return problems;
        store.dispatch(changed({ wishes: next.value, words: command.message }));
        return [];
      },
      cancel() {
        store.dispatch(previewed(null));
      },
    };
  }, [store]);
}
