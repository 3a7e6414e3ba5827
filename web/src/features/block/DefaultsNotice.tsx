import Button from '@mui/material/Button';
import { type BlockFile, changedFile } from '@nadir/contract';
import { takeDefaults } from '@nadir/core/edit';
import { daysMoved } from '@nadir/core/present/compare';
import { isLaidAsThen, newestEngine } from '@nadir/core/rules';
import { memo, useMemo } from 'react';
import { useDispatch } from 'react-redux';
import { type LaidAndShown, laidOf, usePast } from '../../components/useLaidBlock.js';
import { changed, tryStarted } from '../../editor/editor-slice.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Notice.module.css';
import * as wording from './wording.js';

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
    <div className={styles.bar} role="region" aria-label={wording.newerDefaults}>
      <span>
        {isLaidAsThen(file.engine)
          ? wording.thisBlockKeepsTheDefaults
          : wording.thisBlockWasLaidOut}
        {moved === 0
          ? wording.theNewerDefaultsWouldMoveNoDay
          : wording.theNewerDefaultsWouldMoveDays(moved)}{' '}
      </span>
      <Button onClick={start}>{wording.tryTheNewerDefaults}</Button>
    </div>
  );
}
