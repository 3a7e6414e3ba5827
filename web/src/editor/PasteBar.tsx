import Button from '@mui/material/Button';
import styles from './PasteBar.module.css';
import type { LaidTable, Pasting } from './usePasted.js';
import * as wording from './wording.js';

/** What a table from the clipboard would write: how much was read, and what was not and why. */
export function PasteBar<L extends LaidTable>({ pasting }: { pasting: Pasting<L> }) {
  const { pasted, mend, take, discard } = pasting;
  if (!pasted) return null;
  const { taken, untaken, laid } = pasted;
  // One that can be mended is shown first.
  const first = untaken.find(({ suggestion }) => suggestion !== undefined) ?? untaken[0];
  return (
    <section className={styles.paste} aria-label={wording.fromTheClipboard}>
      <div role="status">
        <p>
          {laid.written.length === 0
            ? wording.theClipboardHoldsNothingNewForThese
            : wording.fromTheClipboardCellsRead(taken)}
          {untaken.length > 0 && wording.cellsCannotBeTakenAndWillStay(untaken.length)}
          {laid.outside > 0 && wording.cellsBeyondTheBlock(laid.outside)}
        </p>
        {first && (
          <p className="small grave">
            {first.problem}
            {untaken.length > 1 && wording.andMore(untaken.length - 1)}
          </p>
        )}
      </div>
      {first?.suggestion !== undefined && (
        <Button variant="outlined" onClick={() => mend(first)}>
          {wording.use(first.suggestion)}
        </Button>
      )}
      <span className={styles.acts}>
        <Button onClick={discard}>{wording.discard}</Button>
        <Button variant="contained" disabled={taken === 0} onClick={take}>
          {wording.takeCells(taken)}
        </Button>
      </span>
    </section>
  );
}
