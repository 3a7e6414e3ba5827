import type { PageBlock } from '@nadir/contract/athlete';
import type { CivilDate } from '@nadir/core/base';
import { doneWords } from '@nadir/core/present/review';
import styles from './AthletePage.module.css';
import type { DayNoted } from './day-noted.js';
import * as wording from './wording.js';

/** What is noted of a day, and what the coach answered. */
export function NotedSoFar({
  date,
  noted: { entries, waits },
  measure,
  called,
}: {
  date: CivilDate;
  noted: DayNoted;
  measure: PageBlock['measure'];
  called: string;
}) {
  if (entries.length === 0) return null;
  const dated = entries.map((entry) => ({ ...entry, date }));
  return (
    <div className={styles.noted} role="status">
      <p>
        <b>{waits ? wording.notedOnThisDevice : wording.noted}</b>
        {doneWords({ entries: dated }, measure).join('; ')}
      </p>
      {entries.map(
        ({ place, answer }) =>
          answer !== undefined && (
            <p key={place} className={styles.said}>
              {answer} <span className="muted">{called}</span>
            </p>
          ),
      )}
    </div>
  );
}
