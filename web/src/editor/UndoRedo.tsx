import Button from '@mui/material/Button';
import { useHotkeys } from 'react-hotkeys-hook';
import { useDispatch } from 'react-redux';
import { redone, undone } from './editor-slice.js';
import { useEditor } from './useEditor.js';

/** Undo and redo, as buttons that say of what, and by key. */
export function UndoRedo() {
  const dispatch = useDispatch();
  const past = useEditor((editor) => editor.trial?.past ?? editor.past);
  const future = useEditor((editor) => editor.trial?.future ?? editor.future);
  useHotkeys('mod+z', () => void dispatch(undone()), { preventDefault: true }, []);
  useHotkeys('mod+shift+z, mod+y', () => void dispatch(redone()), { preventDefault: true }, []);
  const undo = past.at(-1)?.words;
  const redo = future.at(-1)?.words;
  return (
    <>
      <Button
        disabled={undo === undefined}
        title={undo && `Undo: ${undo} (Ctrl+Z)`}
        onClick={() => dispatch(undone())}
        aria-keyshortcuts="Control+Z"
      >
        undo
      </Button>
      <Button
        disabled={redo === undefined}
        title={redo && `Redo: ${redo} (Ctrl+Shift+Z)`}
        onClick={() => dispatch(redone())}
        aria-keyshortcuts="Control+Shift+Z"
      >
        redo
      </Button>
    </>
  );
}
