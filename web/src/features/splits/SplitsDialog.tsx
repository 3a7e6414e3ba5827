import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Unit } from '@nadir/core/base';
import { useSignedIn } from '../../api/session.js';
import { RepsPart } from './RepsPart.js';
import styles from './Splits.module.css';
import { SplitsPart } from './SplitsPart.js';
import * as wording from './wording.js';

/** The calculator at the track: splits of a race, and what repetitions come to. */
export function SplitsDialog({ onClose }: { onClose: () => void }) {
  const { unit: wished } = useSignedIn().coach.settings;
  const unit: Unit = wished === 'mi' ? 'mi' : 'km';
  return (
    <Dialog open onClose={onClose} maxWidth={false} aria-labelledby="splits-title">
      <DialogTitle id="splits-title">{wording.splitsAndRepetitions}</DialogTitle>
      <DialogContent>
        <div className={styles.splits}>
          <SplitsPart unit={unit} />
          <RepsPart unit={unit} />
        </div>
        <Button variant="outlined" onClick={onClose}>
          {wording.close}
        </Button>
      </DialogContent>
    </Dialog>
  );
}
