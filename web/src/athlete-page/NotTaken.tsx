import Button from '@mui/material/Button';
import { dayWords } from '@nadir/core/base/format';
import styles from './AthletePage.module.css';
import type { Waiting } from './device.js';
import * as wording from './wording.js';

/** What was refused, with the reason; nothing that was written is lost before its athlete lets it go. */
export function NotTaken({
  waiting,
  onAgain,
  onLetGo,
}: {
  waiting: readonly Waiting[];
  /** Undefined where the link has ended. */
  onAgain: ((id: string) => void) | undefined;
  onLetGo: (id: string) => void;
}) {
  return waiting.map(({ id, body, refused }) => (
    <section key={id} className={styles.refused} aria-label={wording.notAccepted} role="alert">
      <p>
        <b>{whatItWas(body)}</b> {refused ?? wording.itWasNotSent}
      </p>
      <p className="muted">{contentOf(body)}</p>
      <div className={styles['small-acts']}>
        {onAgain && (
          <Button variant="outlined" onClick={() => onAgain(id)}>
            {wording.tryAgain}
          </Button>
        )}
        <Button onClick={() => onLetGo(id)}>{wording.removeIt}</Button>
      </div>
    </section>
  ));
}

function whatItWas(body: Waiting['body']): string {
  switch (body.kind) {
    case 'done':
      return wording.yourNoteForWasNotAccepted(dayWords(body.date));
    case 'take-back':
      return wording.yourNoteForWasNotRemoved(dayWords(body.date));
    case 'move':
      return wording.yourRequestToMove(dayWords(body.from), dayWords(body.to));
  }
}

/** What was written, so that it can be written again. */
function contentOf(body: Waiting['body']): string {
  if (body.kind === 'move') return body.words ?? '';
  if (body.kind === 'take-back') return '';
  const { entries, sore } = body;
  const parts = entries.flatMap(({ kind, distance, time, effort, words }) => [
    kind,
    distance === undefined ? '' : wording.km(distance / 1000),
    time === undefined ? '' : wording.min(Math.round(time / 60)),
    effort === undefined ? '' : wording.effortWithin(effort),
    words ?? '',
  ]);
  return [...parts, sore ? wording.sore(sore.where, sore.level) : ''].filter(Boolean).join(', ');
}
