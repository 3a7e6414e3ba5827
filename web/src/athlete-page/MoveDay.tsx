import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { AthletePage, SentBody } from '@nadir/contract/athlete';
import { addDays, type CivilDate } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import { useState } from 'react';
import styles from './AthletePage.module.css';
import type { Waiting } from './device.js';

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
          {state === 'asked' &&
            `You asked to run this on ${dayWords(day)}. ${called} has not answered yet.`}
          {state === 'moved' && `Moved to ${dayWords(day)}, as you asked.`}
          {state === 'left' && `You asked for ${dayWords(day)}. It stays here.`}
          {answer !== undefined && ` ${called}: ${answer}`}
        </p>
      ))}
      {unsent.map(({ to: day }) => (
        <p key={day} className={styles.noted}>
          Noted on this device: you ask to run this on {dayWords(day)}.
        </p>
      ))}
      <div className={styles.beside}>
        <Button variant="outlined" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          Ask to move this day
        </Button>
      </div>
      {isOpen && (
        <form
          aria-label="Ask to move this day"
          onSubmit={(event) => {
            event.preventDefault();
            if (to === undefined) return;
            onNote({ kind: 'move', from: date, to, ...(words.trim() !== '' && { words }) });
            setOpen(false);
            setWords('');
          }}
        >
          <div className={styles.days} role="group" aria-label="To which day">
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
            Reason (optional)
            <OutlinedInput
              value={words}
              slotProps={{ input: { maxLength: 600 } }}
              onChange={({ target }) => setWords(target.value)}
            />
          </label>
          <div className={styles['small-acts']}>
            <Button type="submit" variant="contained" disabled={to === undefined}>
              Ask {called}
            </Button>
          </div>
        </form>
      )}
    </>
  );
}
