import Button from '@mui/material/Button';
import { MOST_ARCHIVE_BYTES } from '@nadir/contract';
import { useState } from 'react';
import { useLazyAllDataQuery, useTakeAllDataMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { base64Of, bytesOf } from '../../components/base64.js';
import { download } from '../../components/download-json.js';
import { DropZone } from '../../components/DropZone.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { useSay } from '../../components/messages.js';
import styles from './Settings.module.css';
import * as wording from './wording.js';

/** Everything the coach keeps, out as one archive of open files, and back in. */
export function AllMyData() {
  const [read, reading] = useLazyAllDataQuery();
  const [takeIn, taking] = useTakeAllDataMutation();
  const [problem, setProblem] = useState<string>();
  const say = useSay();

  async function save() {
    const { data, error } = await read(undefined);
    const failed = callError(error);
    setProblem(failed && errorSentence(failed));
    if (data) download(data.name, new Blob([bytesOf(data.base64)], { type: data.type }));
  }

  async function take(file: File) {
    if (file.size > MOST_ARCHIVE_BYTES) {
      setProblem(wording.isLargerThanAnyNadirArchive(file.name));
      return;
    }
    const { data, error } = await takeIn({ base64: base64Of(await file.arrayBuffer()) });
    const failed = callError(error);
    setProblem(failed && errorSentence(failed));
    if (!data) return;
    const { athletes, blocks, runs, rules } = data;
    const came = wording.athletesBlocksAndRuns(athletes, blocks, runs);
    say({ text: wording.added(came, rules ? wording.withRulesPacesAndSettings : '') });
  }

  return (
    <fieldset className={styles.part}>
      <legend>{wording.allMyData}</legend>
      <p>
        {wording.everyAthlete}
        <span className="muted">{wording.itIncludesHealthNotes}</span>
      </p>
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      <Button variant="outlined" disabled={reading.isFetching} onClick={() => void save()}>
        {reading.isFetching ? wording.packing : wording.downloadAllMyData}
      </Button>
      <DropZone
        accept=".zip,application/zip"
        hint={taking.isLoading ? wording.bringingItIn : wording.aNadirArchiveToBringBack}
        disabled={taking.isLoading}
        onFiles={([file]) => void take(file)}
      />
    </fieldset>
  );
}
