import { useEffect, useState } from 'react';
import { Link, useRouteError } from 'react-router';
import { ErrorNote } from '../components/ErrorNote.js';
import { couldNotBeLoaded, reloadForNewerFiles } from './newer-files.js';

type Why = 'broke' | 'asking' | 'server-away' | 'not-loaded';

const SENTENCES: Readonly<Record<Exclude<Why, 'asking'>, string>> = {
  broke:
    'This view broke. What you changed is kept on this device and will be saved when you open the block again.',
  'server-away':
    'The server does not answer, so this view could not be loaded. What you changed is kept on this device.',
  'not-loaded': 'This view could not be loaded. What you changed is kept on this device.',
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
        'Loading …'
      ) : (
        <ErrorNote onRetry={() => window.location.reload()}>{SENTENCES[why]}</ErrorNote>
      )}
      <p>
        <Link to="/" reloadDocument>
          Go to the squad
        </Link>
      </p>
    </main>
  );
}
