import Button from '@mui/material/Button';
import { MOST_ARCHIVE_BYTES } from '@nadir/contract';
import { useState } from 'react';
import {
  callError,
  errorSentence,
  useLazyAllDataQuery,
  useTakeAllDataMutation,
} from '../../api/api.js';
import { base64Of, bytesOf } from '../../components/base64.js';
import { plural } from '../../components/dates.js';
import { download } from '../../components/download-json.js';
import { DropZone } from '../../components/DropZone.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { useSay } from '../../components/messages.js';
import styles from './Settings.module.css';

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
      setProblem(`${file.name} is larger than any Nadir archive. Nothing was added.`);
      return;
    }
    const { data, error } = await takeIn({ base64: base64Of(await file.arrayBuffer()) });
    const failed = callError(error);
    setProblem(failed && errorSentence(failed));
    if (!data) return;
    const { athletes, blocks, runs, rules } = data;
    const came = `${plural(athletes, 'athlete')}, ${plural(blocks, 'block')} and ${plural(runs, 'run')}`;
    say({ text: `Added ${came}${rules ? ', with rules, paces and settings' : ''}.` });
  }

  return (
    <fieldset className={styles.part}>
      <legend>All my data</legend>
      <p>
        Every athlete, block, diary, rule, pace and session in one archive of open files.{' '}
        <span className="muted">
          It includes health notes: keep it private. When you bring it back in, everything is added
          as new and nothing already here changes.
        </span>
      </p>
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      <Button variant="outlined" disabled={reading.isFetching} onClick={() => void save()}>
        {reading.isFetching ? 'Packing …' : 'Download all my data'}
      </Button>
      <DropZone
        accept=".zip,application/zip"
        hint={taking.isLoading ? 'Bringing it in …' : 'A Nadir archive to bring back in.'}
        disabled={taking.isLoading}
        onFiles={([file]) => void take(file)}
      />
    </fieldset>
  );
}
