import { type CallError, errorSentence } from '../api/call-error.js';
import { ErrorNote } from './ErrorNote.js';
import { SquadLink } from './SquadLink.js';

/** In the place of what could not be opened: why, and the way on. What is not there is not asked for again. */
export function NotOpened({ error, onRetry }: { error: CallError; onRetry: () => void }) {
  const isGone = error.kind === 'refused' && error.status === 404;
  return (
    <main className="page">
      <ErrorNote onRetry={isGone ? undefined : onRetry}>{errorSentence(error)}</ErrorNote>
      {isGone && (
        <p>
          <SquadLink />
        </p>
      )}
    </main>
  );
}
