import { useHotkeys } from 'react-hotkeys-hook';
import { useDispatch } from 'react-redux';
import { IconAct } from '../components/IconAct.js';
import { RedoIcon, UndoIcon } from '../theme/icons.js';
import { redone, undone } from './editor-slice.js';
import { useEditor } from './useEditor.js';

/** Undo and redo, as icons that say of what, and by key. */
export function UndoRedo() {
  const dispatch = useDispatch();
  const past = useEditor((editor) => editor.trial?.past ?? editor.past);
  const future = useEditor((editor) => editor.trial?.future ?? editor.future);
  useHotkeys('mod+z', () => void dispatch(undone()), { preventDefault: true }, []);
  useHotkeys('mod+shift+z, mod+y', () => void dispatch(redone()), { preventDefault: true }, []);
  const undo = past.at(-1)?.words;
  const redo = future.at(-1)?.words;
  return (
    <span>
      <IconAct
        label="Undo"
        detail={undo}
        keys="Ctrl+Z"
        icon={UndoIcon}
        disabled={undo === undefined}
        onClick={() => dispatch(undone())}
      />
      <IconAct
        label="Redo"
        detail={redo}
        keys="Ctrl+Shift+Z"
        icon={RedoIcon}
        disabled={redo === undefined}
        onClick={() => dispatch(redone())}
      />
    </span>
  );
}
