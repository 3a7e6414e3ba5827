import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { downloadJson } from '../components/download-json.js';
import { ErrorNote } from '../components/ErrorNote.js';
import { type KeptDrafts, dropDraft } from './drafts.js';
import styles from './Editor.module.css';
import { useEditor } from './useEditor.js';
import * as wording from './wording.js';

/** What a coach must know of the block in the editor before anything else. */
export function EditorNotices({
  elsewhere,
  unreadable,
}: {
  /** The block is open in another tab too. */
  elsewhere: boolean;
  unreadable: KeptDrafts['unreadable'];
}) {
  const refusal = useEditor((editor) => editor.refusal);
  const atRisk = useEditor(({ kept, unsaved }) => !kept && unsaved.length > 0);
  const [dropped, setDropped] = useState(false);

  useEffect(() => {
    if (!atRisk) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [atRisk]);

  const drop = async () => {
    await Promise.all(unreadable.map(({ place }) => dropDraft(place)));
    setDropped(true);
  };
  return (
    <>
      {refusal && <ErrorNote>{refusal}</ErrorNote>}
      {elsewhere && (
        <div className={styles.notice} role="region" aria-label={wording.openElsewhere}>
          {wording.thisBlockIsAlsoOpenInAnother}
        </div>
      )}
      {unreadable.length > 0 && !dropped && (
        <div className={styles.notice} role="region" aria-label={wording.keptOnThisDevice}>
          {wording.thisDeviceKeepsAnUnsavedVersion}
          <Button
            onClick={() =>
              downloadJson(
                'nadir-kept-on-this-device',
                unreadable.map(({ content }) => content),
              )
            }
          >
            {wording.downloadWhatIsKeptHere}
          </Button>{' '}
          <Button onClick={() => void drop()}>{wording.remove}</Button>
        </div>
      )}
    </>
  );
}
