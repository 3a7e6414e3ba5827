import Button from '@mui/material/Button';
import { Suspense, useState } from 'react';
import { useStore } from 'react-redux';
import { later } from '../components/later.js';
import { useSignOutMutation } from '../api/api.js';
import { SIGNED_OUT, openFreshPage } from '../api/fresh-page.js';
import { useSignedIn } from '../api/session.js';
import type { Draft, WithEditor } from './editor-state.js';
import { leaveDevice } from './drafts.js';
import { tell, thisTab } from './tabs.js';
import { unsentOf } from './unsent.js';
import * as wording from './wording.js';

/** Asked for seldom: the page does not wait for it. */
const UnsentDialog = later(async () => (await import('./UnsentDialog.js')).UnsentDialog);

/** The way out: says what is unsent, and leaves nothing of the coach on this device. */
export function SignOut() {
  const store = useStore<WithEditor>();
  const { coach } = useSignedIn();
  const [signOut, { error }] = useSignOutMutation();
  const [unsent, setUnsent] = useState<Draft[]>([]);

  const leave = async () => {
    if (!(await signOut()).data) return;
    await leaveDevice(coach.id);
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
      <Button variant="outlined" onClick={() => void ask()}>
        {error ? wording.notSignedOutTryAgain : wording.signOut}
      </Button>
      {unsent.length > 0 && (
        <Suspense>
          <UnsentDialog unsent={unsent} onLeave={() => void leave()} onStay={() => setUnsent([])} />
        </Suspense>
      )}
    </>
  );
}
