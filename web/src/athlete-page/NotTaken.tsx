import Button from '@mui/material/Button';
import { dayWords } from '@nadir/core/base/format';
import styles from './AthletePage.module.css';
import type { Waiting } from './device.js';

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
    <section key={id} className={styles.refused} aria-label="Not accepted" role="alert">
      <p>
        <b>{whatItWas(body)}</b> {refused ?? 'It was not sent.'}
      </p>
      <p className="muted">{contentOf(body)}</p>
      <div className={styles['small-acts']}>
        {onAgain && (
          <Button variant="outlined" onClick={() => onAgain(id)}>
            Try again
          </Button>
        )}
        <Button onClick={() => onLetGo(id)}>Remove it</Button>
      </div>
    </section>
  ));
}

function whatItWas(body: Waiting['body']): string {
  switch (body.kind) {
    case 'done':
      return `Your note for ${dayWords(body.date)} was not accepted.`;
    case 'take-back':
      return `Your note for ${dayWords(body.date)} was not removed.`;
    case 'move':
      return `Your request to move ${dayWords(body.from)} to ${dayWords(body.to)} was not accepted.`;
  }
}

/** What was written, so that it can be written again. */
function contentOf(body: Waiting['body']): string {
  if (body.kind === 'move') return body.words ?? '';
  if (body.kind === 'take-back') return '';
  const { entries, sore } = body;
  const parts = entries.flatMap(({ kind, distance, time, effort, words }) => [
    kind,
    distance === undefined ? '' : `${distance / 1000} km`,
    time === undefined ? '' : `${Math.round(time / 60)} min`,
    effort === undefined ? '' : `effort ${effort}`,
    words ?? '',
  ]);
  return [...parts, sore ? `sore: ${sore.where}, ${sore.level}` : ''].filter(Boolean).join(', ');
}
