import Button from '@mui/material/Button';
import { useDispatch, useStore } from 'react-redux';
import { Link } from 'react-router';
import { errorSentence, useLazyBlockQuery } from '../api/api.js';
import { useSignedIn } from '../api/session.js';
import { downloadJson } from '../components/download-json.js';
import { ErrorNote } from '../components/ErrorNote.js';
import { type EditorState, opened } from './editor-slice.js';
import { dropDraft } from './drafts.js';
import { thisTab } from './tabs.js';

/** For a version that cannot be laid out: nothing of it is lost, and the stored one is a step away. */
export function BrokenVersion({ id }: { id: string }) {
  const store = useStore<{ editor: EditorState }>();
  const dispatch = useDispatch();
  const { coach } = useSignedIn();
  const [fetchStored, { error }] = useLazyBlockQuery();

  const openStored = async () => {
    const { data } = await fetchStored(id);
    if (!data) return;
    await dropDraft({ coachId: coach.id, blockId: id, tab: thisTab });
    dispatch(opened(data, coach.id));
  };

  return (
    <main className="page">
      <h1 className="display">This version cannot be laid out</h1>
      <p>
        The stored version is safe. Opening it removes this one from the device: download this one
        first if you may need it.
      </p>
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
      <p>
        <Button variant="contained" onClick={() => void openStored()}>
          Open the stored version
        </Button>{' '}
        <Button
          variant="outlined"
          onClick={() => downloadJson('nadir-kept-on-this-device', store.getState().editor.present)}
        >
          Download what is kept here
        </Button>{' '}
        <Button component={Link} to={`/blocks/${id}/history`}>
          History
        </Button>
      </p>
    </main>
  );
}
