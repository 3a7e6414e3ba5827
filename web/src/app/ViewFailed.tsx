import { useEffect, useState } from 'react';
import { useRouteError } from 'react-router';
import { ErrorNote } from '../components/ErrorNote.js';
import { SquadLink } from '../components/SquadLink.js';
import { couldNotBeLoaded, reloadForNewerFiles } from '../api/newer-files.js';
import * as wording from './wording.js';

type Why = 'broke' | 'asking' | 'server-away' | 'not-loaded';

const SENTENCES: Readonly<Record<Exclude<Why, 'asking'>, string>> = {
  broke: wording.thisViewBroke,
  'server-away': wording.theServerDoesNotAnswer,
  'not-loaded': wording.thisViewCouldNotBeLoaded,
};

/** In the place of a view that broke or could not be loaded: why, and the way on. */
export function ViewFailed() {
  const error = useRouteError();
  const [why, setWhy] = useState<Why>(couldNotBeLoaded(error) ? 'asking' : 'broke');
  useEffect(() => {
    if (why !== 'asking') return;
    void reloadForNewerFiles().then(setWhy);
  }, [why]);
  return (
    <main className="page" aria-busy={why === 'asking'}>
      {why === 'asking' ? (
        wording.loading
      ) : (
        <ErrorNote onRetry={() => window.location.reload()}>{SENTENCES[why]}</ErrorNote>
      )}
      <p>
        <SquadLink reloadDocument />
      </p>
    </main>
  );
}
