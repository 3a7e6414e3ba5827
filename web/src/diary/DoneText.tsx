import type { Measure } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import type { Day } from '@nadir/core/layout/block';
import { doneWords } from '@nadir/core/present/review';
import { printDone } from '@nadir/core/record';
import { useRef, useState } from 'react';
import styles from './Done.module.css';
import type { DoneActs } from './useDone.js';
import * as wording from './wording.js';

/** What was done on a day, in words; written anew where it stands. Enter keeps it, Escape leaves it. */
export function DoneText({ day, measure, acts }: { day: Day; measure: Measure; acts: DoneActs }) {
  const [typed, setTyped] = useState<string>();
  const button = useRef<HTMLButtonElement>(null);
  const entries = acts.on(day.date);
  const words = doneWords({ entries }, measure);
  const isMissed = entries.some(({ kind }) => kind === 'missed');
  const back = () => {
    setTyped(undefined);
    requestAnimationFrame(() => button.current?.focus());
  };
  if (typed !== undefined) {
    return (
      <input
        autoFocus
        className={styles.typed}
        aria-label={wording.whatWasDoneOn(dayWords(day.date))}
        placeholder={wording.n12Km5800Or}
        value={typed}
        onFocus={({ target }) => target.select()}
        onChange={({ target }) => setTyped(target.value)}
        onBlur={() => setTyped(undefined)}
        onClick={(event) => event.stopPropagation()}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Escape') back();
          if (event.key === 'Enter' && acts.write(day, typed)) back();
        }}
      />
    );
  }
  return (
    <button
      ref={button}
      type="button"
      className={styles.shown}
      data-missed={isMissed}
      aria-label={wording.doneOnWrite(dayWords(day.date), words.join('; ') || wording.notRecorded)}
      onClick={(event) => {
        event.stopPropagation();
        setTyped(printDone(entries, measure));
      }}
    >
      {words.length === 0 ? (
        <span className="muted">{wording.recordWhatWasRun}</span>
      ) : (
        words.join('; ')
      )}
    </button>
  );
}
