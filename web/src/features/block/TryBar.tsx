import Button from '@mui/material/Button';
import { memo } from 'react';
import { useDispatch } from 'react-redux';
import { tryDropped, tryKept } from '../../editor/editor-slice.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Notice.module.css';
import * as wording from './wording.js';

/** While a second version is tried: what it is, and the choice between the two. */
export const TryBar = memo(function TryBar() {
  const dispatch = useDispatch();
  const trial = useEditor((editor) => editor.trial);
  if (!trial) return null;
  return (
    <div role="region" aria-label={wording.tryingAVersion} className={styles.bar}>
      <span>
        <b>{wording.tryingAVersion}</b>
        {wording.changesSoFar(trial.past.length)}
      </span>
      {/* What began it is closed now: keys go on here. */}
      <Button variant="outlined" autoFocus onClick={() => dispatch(tryKept())}>
        {wording.keep}
      </Button>
      <Button onClick={() => dispatch(tryDropped())}>{wording.discard}</Button>
    </div>
  );
});
