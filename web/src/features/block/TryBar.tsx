import { memo } from 'react';
import { useDispatch } from 'react-redux';
import { plural } from '../../components/dates.js';
import { tryDropped, tryKept } from '../../editor/editor-slice.js';
import { useEditor } from '../../editor/useEditor.js';

/** While a second version is tried: what it is, and the choice between the two. */
export const TryBar = memo(function TryBar() {
  const dispatch = useDispatch();
  const trial = useEditor((editor) => editor.trial);
  if (!trial) return null;
  return (
    <div role="region" aria-label="Trying a second version" className="try-bar">
      <span>
        <b>Trying</b>: {plural(trial.past.length, 'change')} so far. The block as it stands is drawn
        dashed, and nothing is stored until you keep one.
      </span>
      <button type="button" className="tool" onClick={() => dispatch(tryKept())}>
        Keep this one
      </button>
      <button type="button" className="tool" onClick={() => dispatch(tryDropped())}>
        Back to the first
      </button>
    </div>
  );
});
