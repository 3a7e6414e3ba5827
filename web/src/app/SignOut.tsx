import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useStore } from 'react-redux';
import { useSignOutMutation } from '../api/api.js';
import { SIGNED_OUT, openFreshPage } from '../api/fresh-page.js';
import { useSignedIn } from '../api/session.js';
import type { DeskState, Draft } from '../desk/desk.js';
import { clearDrafts } from '../desk/drafts.js';
import { tell, thisTab } from '../desk/tabs.js';
import { unsentOf } from '../desk/unsent.js';
import { plural } from '../parts/dates.js';
import { downloadJson } from '../parts/download-json.js';

/** The way out: says what is unsent, and leaves nothing of the coach on this device. */
export function SignOut() {
  const store = useStore<{ desk: DeskState }>();
  const { coach } = useSignedIn();
  const [signOut, { error }] = useSignOutMutation();
  const [unsent, setUnsent] = useState<Draft[]>([]);

  const leave = async () => {
    if (!(await signOut()).data) return;
    await clearDrafts(coach.id);
    tell({ kind: 'signed-out', tab: thisTab });
    openFreshPage(`/${SIGNED_OUT}`);
  };
  const ask = async () => {
    const left = await unsentOf(coach.id, store);
    if (left.length === 0) await leave();
    else setUnsent(left);
  };

  return (
    <>
      <button type="button" onClick={() => void ask()}>
        {error ? 'Not signed out: try again' : 'Sign out'}
      </button>
      <Dialog
        open={unsent.length > 0}
        onClose={() => setUnsent([])}
        aria-labelledby="sign-out-title"
      >
        <DialogTitle id="sign-out-title">Not everything is saved</DialogTitle>
        <DialogContent>
          <p style={{ marginTop: 0 }}>
            These changes are only on this device. Signing out removes them from it.
          </p>
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
            Download them
          </Button>
          <Button variant="outlined" onClick={() => void leave()}>
            Sign out and remove them
          </Button>
          <Button variant="contained" onClick={() => setUnsent([])}>
            Stay signed in
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
