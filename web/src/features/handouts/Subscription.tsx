import Button from '@mui/material/Button';
import type { CalendarBody } from '@nadir/contract';
import { useState } from 'react';
import { useCalendarQuery, useChangeCalendarMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { formatDay } from '../../components/dates.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { useCopy } from '../../components/useCopy.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Handouts.module.css';
import * as wording from './wording.js';

const HOURS = [
  '05:30',
  '06:00',
  '06:30',
  '07:00',
  '07:30',
  '08:00',
  '12:00',
  '17:00',
  '18:00',
  '19:00',
];
const WHOLE_DAY = '';

/** The calendar that the athlete’s devices subscribe to: changes arrive by themselves. */
export function Subscription() {
  const athleteId = useEditor((editor) => editor.block?.athleteId) ?? '';
  const { data } = useCalendarQuery(athleteId);
  const [change, { isLoading }] = useChangeCalendarMutation();
  const [address, setAddress] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const copy = useCopy();
  if (!data) return null;

  async function ask(body: Partial<CalendarBody>) {
    const answer = await change({ id: athleteId, address: 'keep', ...body });
    const failed = callError(answer.error);
    setProblem(failed && errorSentence(failed));
    if (body.address !== undefined) setAddress(answer.data?.address ?? undefined);
  }

  return (
    <div className={styles.subscription}>
      <p>
        <b>{wording.subscription}</b>
        <br />
        <span className="muted">
          {data.since === null
            ? wording.aSecretAddressForTheAthletesCalendar
            : wording.itsAddressWasMade(formatDay(data.since.slice(0, 10)))}
        </span>
      </p>
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      {address !== undefined && (
        <div role="status" className={styles.address}>
          <span>{wording.copyItNow}</span>
          <code tabIndex={0}>{address}</code>
          <Button variant="outlined" onClick={() => void copy(address, wording.copiedTheAddress)}>
            {wording.copyTheAddress}
          </Button>
        </div>
      )}
      {data.since !== null && (
        <Field label={wording.putRunsAt} because={wording.localTimeWhereverTheAthleteIs}>
          {(ids) => (
            <ChoiceAnswer
              {...ids}
              value={data.startsAt ?? WHOLE_DAY}
              choices={[
                [WHOLE_DAY, wording.theWholeDay],
                ...HOURS.map((hour) => [hour, hour] as const),
              ]}
              onAnswer={(hour) => void ask({ startsAt: hour === WHOLE_DAY ? null : hour })}
            />
          )}
        </Field>
      )}
      <div className={styles.acts}>
        <Button
          variant="outlined"
          disabled={isLoading}
          onClick={() => void ask({ address: 'new' })}
        >
          {data.since === null ? wording.makeAnAddress : wording.newAddress}
        </Button>
        {data.since !== null && (
          <Button disabled={isLoading} onClick={() => void ask({ address: 'end' })}>
            {wording.endIt}
          </Button>
        )}
      </div>
    </div>
  );
}
