import Button from '@mui/material/Button';
import type { CivilDate } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { useChangePastMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useHistory } from '../../components/history.js';
import { pastChanged } from '../../editor/editor-slice.js';
import type { Cycle } from './cycle-days.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

/** Says of days that are over that they stay as they were handed out, and opens them when asked. */
export function PastNotice({
  id,
  cycle: { days },
  today,
}: {
  id: string;
  cycle: Cycle;
  today: CivilDate;
}) {
  const history = useHistory();
  const dispatch = useDispatch();
  const [changePast, { isLoading }] = useChangePastMutation();
  const [said, setSaid] = useState('');
  const over = days.map(({ day }) => day.date).filter((date) => date < today);
  const from = over[0];
  const to = over.at(-1);
  if (from === undefined || to === undefined || history.length === 0) return null;
  const range = { from, to };
  const closed = new Set(history.map(({ day }) => day.date));
  const isOpen = !over.some((date) => closed.has(date));

  async function set(open: boolean) {
    const { data, error } = await changePast({ id, body: { ...range, open } });
    if (data) dispatch(pastChanged(data));
    setSaid(error && 'kind' in error ? errorSentence(error) : '');
  }

  const which = from === to ? dayWords(from) : wording.to(dayWords(from), dayWords(to));
  return (
    <p className={styles.past} role="status">
      {isOpen ? wording.openForChanges(which) : wording.overAndKeptAsHandedOut(which)}{' '}
      <Button disabled={isLoading} onClick={() => void set(!isOpen)}>
        {isOpen ? wording.closeThePast : wording.changeThePast}
      </Button>{' '}
      {said}
    </p>
  );
}
