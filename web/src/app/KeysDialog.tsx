import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import styles from './KeysDialog.module.css';
import { keyGroups } from './keys.js';
import * as wording from './wording.js';

/** Every key of the application, by where it works. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="keys-title">
      <DialogTitle id="keys-title">{wording.keys}</DialogTitle>
      <DialogContent>
        <div className={styles.keys}>
          {keyGroups.map(({ title, keys }) => (
            <section key={title}>
              <h3>{title}</h3>
              <dl>
                {keys.map(([pressed, what]) => (
                  <div key={pressed}>
                    <dt>{pressed}</dt>
                    <dd>{what}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
        </div>
      </DialogContent>
      <DialogActions>
        <Button variant="outlined" autoFocus onClick={onClose}>
          {wording.close}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
