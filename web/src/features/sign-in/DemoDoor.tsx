import Button from '@mui/material/Button';
import { useCallback, useEffect } from 'react';
import { useLazySquadQuery, useSignInDemoMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { SIGNED_OUT, openFreshPage } from '../../api/fresh-page.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import * as wording from './wording.js';

/**
 * The demo's door stands open: whoever comes is its coach, and lands on the
 * first block. Only who has just signed out is asked.
 */
export function DemoDoor() {
  const [signIn, { error, isLoading }] = useSignInDemoMutation();
  const [fetchSquad] = useLazySquadQuery();
  const asked = window.location.search === SIGNED_OUT;

  const enter = useCallback(async () => {
    if (!(await signIn()).data) return;
    const { pathname } = window.location;
    const squad = pathname === '/' ? (await fetchSquad()).data : undefined;
    const first = squad?.athletes.find(({ block }) => block !== null)?.block;
    openFreshPage(first ? `/blocks/${first.id}` : pathname);
  }, [signIn, fetchSquad]);

  useEffect(() => {
    if (!asked) void enter();
  }, [asked, enter]);

  return (
    <>
      <p>{wording.thisIsADemoWithSixInvented}</p>
      {(asked || error) && (
        <Button variant="contained" disabled={isLoading} autoFocus onClick={() => void enter()}>
          {wording.signInAsMarenTolvik}
        </Button>
      )}
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
    </>
  );
}
