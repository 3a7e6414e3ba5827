import Button from '@mui/material/Button';
import { REMOVED_DAYS, type Removed } from '@nadir/contract';
import { useState } from 'react';
import {
  usePutBackBlockMutation,
  usePutBackTemplateMutation,
  useRemovedQuery,
  useSetAthleteStateMutation,
} from '../../api/api.js';
import { type CallError, callError, errorSentence } from '../../api/call-error.js';
import { Fold } from '../../components/Fold.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { formatDay } from '../../components/dates.js';
import { useSay } from '../../components/messages.js';
import styles from './Past.module.css';
import * as wording from './wording.js';

/** What was removed of late, each with the way to put it back; nothing where nothing was. */
export function RemovedThings() {
  const { data, error } = useRemovedQuery(undefined, { refetchOnMountOrArgChange: true });
  const [setState] = useSetAthleteStateMutation();
  const [putBackBlock] = usePutBackBlockMutation();
  const [putBackTemplate] = usePutBackTemplateMutation();
  const say = useSay();
  const [failure, setFailure] = useState<CallError>();
  const removed = data?.removed ?? [];

  const ways = {
    athlete: (id: string) => setState({ id, body: { state: 'here' } }),
    block: (id: string) => putBackBlock(id),
    template: (id: string) => putBackTemplate(id),
  };
  async function putBack({ kind, id, name }: Removed) {
    const { error: refused } = await ways[kind](id);
    setFailure(callError(refused));
    if (!refused) say({ text: wording.theIsBack(name, kind) });
  }

  if (error && 'kind' in error) return <ErrorNote>{errorSentence(error)}</ErrorNote>;
  if (removed.length === 0) return null;
  return (
    <Fold title={wording.removedInTheLastDays(REMOVED_DAYS, removed.length)}>
      {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
      <ul className={`plain-list ${styles.narrow ?? ''}`}>
        {removed.map((each) => (
          <li key={each.id} className={styles.template}>
            <span>
              {each.name}
              <span className="muted">
                {wording.removedOn(each.kind, formatDay(each.at.slice(0, 10)))}
              </span>
            </span>
            <Button
              variant="outlined"
              aria-label={wording.putBack(each.name)}
              onClick={() => void putBack(each)}
            >
              {wording.putBack2}
            </Button>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
