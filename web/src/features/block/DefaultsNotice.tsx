import Button from '@mui/material/Button';
import { type BlockFile, changedFile } from '@nadir/contract';
import { takeDefaults } from '@nadir/core/edit';
import { daysMoved } from '@nadir/core/present';
import { isLaidAsThen, newestEngine } from '@nadir/core/rules';
import { memo, useMemo } from 'react';
import { useDispatch } from 'react-redux';
import { plural } from '../../components/dates.js';
import { type LaidAndShown, laidOf, usePast } from '../../components/useLaidBlock.js';
import { changed, tryStarted } from '../../editor/editor-slice.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Notice.module.css';

/** A block under older defaults: what the newer ones would move, and the way to look at them. */
export const DefaultsNotice = memo(function DefaultsNotice({
  file,
  base,
}: {
  file: BlockFile;
  base: LaidAndShown;
}) {
  const isTrying = useEditor(({ trial }) => trial !== null);
  if (file.engine >= newestEngine || isTrying) return null;
  return <NewerDefaults file={file} base={base} />;
});

function NewerDefaults({ file, base: { block, shown } }: { file: BlockFile; base: LaidAndShown }) {
  const dispatch = useDispatch();
  const past = usePast();
  const next = useMemo(() => changedFile(file, takeDefaults().change), [file]);
  const moved = useMemo(
    () =>
      next.ok
        ? daysMoved(block, laidOf(next.value, past, shown.measure).block, past.asOf).length
        : 0,
    [next, block, past, shown.measure],
  );
  if (!next.ok) return null;
  const start = () => {
    dispatch(tryStarted());
    dispatch(changed({ wishes: next.value, words: takeDefaults().message }));
  };
  return (
    <div className={styles.bar} role="note">
      <span>
        {isLaidAsThen(file.engine)
          ? 'This block keeps the defaults it was laid out under. '
          : 'This block was laid out by an older Nadir and is shown as it was. '}
        {moved === 0
          ? 'The newer defaults would move no day to come.'
          : `The newer defaults would move ${plural(moved, 'day')} to come.`}{' '}
      </span>
      <Button onClick={start}>Try the newer defaults</Button>
    </div>
  );
}
