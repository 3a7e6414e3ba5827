import Button from '@mui/material/Button';
import type { UntakenCell } from '@nadir/core/edit/sheet';
import { plural } from '../../components/dates.js';
import styles from './Sheet.module.css';

/** What a table from the clipboard would write: how much was read, and what was not and why. */
export function PasteBar({
  taken,
  same,
  untaken,
  outside,
  onMend,
  onTake,
  onDiscard,
}: {
  taken: number;
  /** Nothing in it differs from what stands there. */
  same: boolean;
  untaken: readonly UntakenCell[];
  outside: number;
  onMend: (cell: UntakenCell) => void;
  onTake: () => void;
  onDiscard: () => void;
}) {
  // One that can be mended is shown first.
  const first = untaken.find(({ suggestion }) => suggestion !== undefined) ?? untaken[0];
  return (
    <section className={styles.paste} aria-label="From the clipboard">
      <div role="status">
        <p>
          {same
            ? 'From the clipboard: all of it stands there already.'
            : `From the clipboard: ${plural(taken, 'cell')} read, drawn above.`}
          {untaken.length > 0 &&
            ` ${plural(untaken.length, 'cell')} cannot be taken and will stay.`}
          {outside > 0 && ` ${plural(outside, 'cell')} beyond the block, left out.`}
        </p>
        {first && (
          <p className="small grave">
            {first.problem}
            {untaken.length > 1 && ` And ${untaken.length - 1} more.`}
          </p>
        )}
      </div>
      {first?.suggestion !== undefined && (
        <Button variant="outlined" onClick={() => onMend(first)}>
          Use “{first.suggestion}”
        </Button>
      )}
      <span className={styles.acts}>
        <Button onClick={onDiscard}>Discard</Button>
        <Button variant="contained" disabled={taken === 0} onClick={onTake}>
          Take {plural(taken, 'cell')}
        </Button>
      </span>
    </section>
  );
}
