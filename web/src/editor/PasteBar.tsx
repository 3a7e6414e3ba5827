import Button from '@mui/material/Button';
import { plural } from '../components/dates.js';
import styles from './PasteBar.module.css';
import type { LaidTable, Pasting } from './usePasted.js';

/** What a table from the clipboard would write: how much was read, and what was not and why. */
export function PasteBar<L extends LaidTable>({ pasting }: { pasting: Pasting<L> }) {
  const { pasted, mend, take, discard } = pasting;
  if (!pasted) return null;
  const { taken, untaken, laid } = pasted;
  // One that can be mended is shown first.
  const first = untaken.find(({ suggestion }) => suggestion !== undefined) ?? untaken[0];
  return (
    <section className={styles.paste} aria-label="From the clipboard">
      <div role="status">
        <p>
          {laid.written.length === 0
            ? 'The clipboard holds nothing new for these cells.'
            : `From the clipboard: ${plural(taken, 'cell')} read, drawn above.`}
          {untaken.length > 0 &&
            ` ${plural(untaken.length, 'cell')} cannot be taken and will stay.`}
          {laid.outside > 0 && ` ${plural(laid.outside, 'cell')} beyond the block, left out.`}
        </p>
        {first && (
          <p className="small grave">
            {first.problem}
            {untaken.length > 1 && ` And ${untaken.length - 1} more.`}
          </p>
        )}
      </div>
      {first?.suggestion !== undefined && (
        <Button variant="outlined" onClick={() => mend(first)}>
          Use “{first.suggestion}”
        </Button>
      )}
      <span className={styles.acts}>
        <Button onClick={discard}>Discard</Button>
        <Button variant="contained" disabled={taken === 0} onClick={take}>
          Take {plural(taken, 'cell')}
        </Button>
      </span>
    </section>
  );
}
