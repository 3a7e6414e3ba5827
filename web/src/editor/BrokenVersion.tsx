import Button from '@mui/material/Button';
import { useDispatch, useStore } from 'react-redux';
import { Link } from 'react-router';
import { useLazyBlockQuery } from '../api/api.js';
import { errorSentence } from '../api/call-error.js';
import { useSignedIn } from '../api/session.js';
import { downloadJson } from '../components/download-json.js';
import { ErrorNote } from '../components/ErrorNote.js';
import { editorOf, opened } from './editor-slice.js';
import type { WithEditor } from './editor-state.js';
import { dropDraft } from './drafts.js';
import { thisTab } from './tabs.js';
import * as wording from './wording.js';

/** For a version that cannot be laid out: nothing of it is lost, and the stored one is a step away. */
export function BrokenVersion({ id }: { id: string }) {
  const store = useStore<WithEditor>();
  const dispatch = useDispatch();
  const { coach } = useSignedIn();
  const [fetchStored, { error }] = useLazyBlockQuery();

  const openStored = async () => {
    const { data } = await fetchStored(id);
    if (!data) return;
    const forget = () => dropDraft({ coachId: coach.id, blockId: id, tab: thisTab });
    await forget();
    dispatch(opened(data, coach.id));
    // A save that was tried again meanwhile has kept it once more.
    await forget();
  };

  return (
    <main className="page">
      <h1 className="display">{wording.thisVersionCannotBeLaidOut}</h1>
      <p>{wording.theStoredVersionIsSafe}</p>
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
      <p>
        <Button variant="contained" onClick={() => void openStored()}>
          {wording.openTheStoredVersion}
        </Button>{' '}
        <Button
          variant="outlined"
          onClick={() =>
            downloadJson('nadir-kept-on-this-device', editorOf(store.getState()).present)
          }
        >
          {wording.downloadWhatIsKeptHere}
        </Button>{' '}
        <Button component={Link} to={`/blocks/${id}/history`}>
          {wording.history}
        </Button>
      </p>
    </main>
  );
}
