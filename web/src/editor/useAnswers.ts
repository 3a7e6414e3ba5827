import { type Compared, consequenceWords, movedWeeks } from '@nadir/core/present/compare';
import { useEffect, useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useSay } from '../components/messages.js';
import { undone } from './editor-slice.js';
import { useEditor } from './useEditor.js';
import * as wording from './wording.js';

const NONE: readonly number[] = [];
/** How long the weeks that moved stay lit, ms. */
const LIT_MS = 1000;

/**
 * Answers every kept change: says once what it was and what it brought with it,
 * offers to undo it, and gives the numbers of the weeks that moved, for a second.
 */
export function useAnswers(base: Compared): readonly number[] {
  const say = useSay();
  const dispatch = useDispatch();
  const id = useEditor((editor) => editor.block?.id);
  const last = useEditor((editor) => (editor.trial?.past ?? editor.past).at(-1));
  const future = useEditor((editor) => editor.trial?.future ?? editor.future);
  const before = useRef({ base, id, last, future });
  const [moved, setMoved] = useState(NONE);
  useEffect(() => {
    const was = before.current;
    before.current = { base, id, last, future };
    if (was.id !== id || (was.last === last && was.future === future)) return;
    const isUndo = future.length > was.future.length;
    const words = isUndo ? wording.undone(future.at(-1)?.words ?? '') : last?.words;
    if (words === undefined) return;
    say({
      text: [words, consequenceWords(was.base, base)].filter(Boolean).join(' '),
      undo: isUndo ? undefined : () => dispatch(undone()),
    });
    setMoved(movedWeeks(was.base, base));
  }, [base, id, last, future, say, dispatch]);
  useEffect(() => {
    if (moved === NONE) return;
    const timer = setTimeout(() => setMoved(NONE), LIT_MS);
    return () => clearTimeout(timer);
  }, [moved]);
  return moved;
}
