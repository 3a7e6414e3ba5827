import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { plural } from '@nadir/core/base/format';
import type { Draft } from './editor-state.js';
import { downloadJson } from '../components/download-json.js';
import * as wording from './wording.js';

/** What a sign-out would take away, before it does. */
export function UnsentDialog({
  unsent,
  onLeave,
  onStay,
}: {
  unsent: readonly Draft[];
  onLeave: () => void;
  onStay: () => void;
}) {
  return (
    <Dialog open onClose={onStay} aria-labelledby="sign-out-title">
      <DialogTitle id="sign-out-title">{wording.notEverythingIsSaved}</DialogTitle>
      <DialogContent>
        <p>{wording.theseChangesAreOnlyOnThisDevice}</p>
        <ul>
          {unsent.map(({ block, tab, wishes, unsaved }) => (
            <li key={`${block.id} ${tab}`}>
              {[wishes.athlete?.name, wishes.race.name].filter(Boolean).join(', ')}:{' '}
              {plural(unsaved.length, 'change')}
            </li>
          ))}
        </ul>
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() =>
            downloadJson(
              'nadir-kept-on-this-device',
              unsent.map(({ wishes }) => wishes),
            )
          }
        >
          {wording.downloadThem}
        </Button>
        <Button variant="outlined" onClick={onLeave}>
          {wording.signOutAndRemoveThem}
        </Button>
        <Button variant="contained" onClick={onStay}>
          {wording.staySignedIn}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
