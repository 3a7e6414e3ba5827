import Button from '@mui/material/Button';
import { memo } from 'react';
import { useDispatch } from 'react-redux';
import { plural } from '../../components/dates.js';
import { tryDropped, tryKept } from '../../editor/editor-slice.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Notice.module.css';

/** While a second version is tried: what it is, and the choice between the two. */
export const TryBar = memo(function TryBar() {
  const dispatch = useDispatch();
  const trial = useEditor((editor) => editor.trial);
  if (!trial) return null;
  return (
    <div role="region" aria-label="Trying a version" className={styles.bar}>
      <span>
        <b>Trying a version</b>: {plural(trial.past.length, 'change')} so far. The block as kept is
        drawn dashed; nothing is stored until you choose Keep.
      </span>
      <Button variant="outlined" onClick={() => dispatch(tryKept())}>
        Keep
      </Button>
      <Button onClick={() => dispatch(tryDropped())}>Discard</Button>
    </div>
  );
});
