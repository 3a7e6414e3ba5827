import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { AthletePage, SentBody } from '@nadir/contract/athlete';
import { addDays, type CivilDate } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import { useState } from 'react';
import styles from './AthletePage.module.css';
import type { Waiting } from './device.js';
import * as wording from './wording.js';

/** Days about a day that it can be asked to be run on. */
const AROUND = 5;

/** Asks the coach to let a day be run on another, and shows what came of it. */
export function MoveDay({
  date,
  today,
  page: { requests, coach },
  waiting,
  onNote,
}: {
  date: CivilDate;
  today: CivilDate;
  page: AthletePage;
  waiting: readonly Waiting[];
  onNote: (body: SentBody) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const [to, setTo] = useState<CivilDate>();
  const [words, setWords] = useState('');
  const called = coach.split(' ')[0] ?? coach;
  const asked = requests.filter(({ from }) => from === date);
  const unsent = waiting.flatMap(({ body, refused }) =>
    body.kind === 'move' && body.from === date && refused === undefined ? [body] : [],
  );
  const days = Array.from({ length: 2 * AROUND + 1 }, (_, at) => addDays(date, at - AROUND)).filter(
    (day) => day !== date && day >= today,
  );

  return (
    <>
      {asked.map(({ id, to: day, state, answer }) => (
        <p key={id} className={styles.noted}>
          {state === 'asked' && wording.youAskedToRun(dayWords(day), called)}
          {state === 'moved' && wording.movedToAsYouAsked(dayWords(day))}
          {state === 'left' && wording.youAsked(dayWords(day))}
          {answer !== undefined && ` ${called}: ${answer}`}
        </p>
      ))}
      {unsent.map(({ to: day }) => (
        <p key={day} className={styles.noted}>
          {wording.notedOnThisDeviceYou(dayWords(day))}
        </p>
      ))}
      <div className={styles.beside}>
        <Button variant="outlined" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {wording.askToMoveThisDay}
        </Button>
      </div>
      {isOpen && (
        <form
          aria-label={wording.askToMoveThisDay}
          onSubmit={(event) => {
            event.preventDefault();
            if (to === undefined) return;
            onNote({ kind: 'move', from: date, to, ...(words.trim() !== '' && { words }) });
            setOpen(false);
            setWords('');
          }}
        >
          <div className={styles.days} role="group" aria-label={wording.toWhichDay}>
            {days.map((day) => (
              <Button
                key={day}
                variant={day === to ? 'contained' : 'outlined'}
                aria-pressed={day === to}
                onClick={() => setTo(day)}
              >
                {dayWords(day)}
              </Button>
            ))}
          </div>
          <label className={styles.field}>
            {wording.reasonOptional}
            <OutlinedInput
              value={words}
              slotProps={{ input: { maxLength: 600 } }}
              onChange={({ target }) => setWords(target.value)}
            />
          </label>
          <div className={styles['small-acts']}>
            <Button type="submit" variant="contained" disabled={to === undefined}>
              {wording.ask(called)}
            </Button>
          </div>
        </form>
      )}
    </>
  );
}
