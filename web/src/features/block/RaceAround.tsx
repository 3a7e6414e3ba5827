import { raceOnTheWay } from '@nadir/core/present/compare';
import type { BlockEvent } from '@nadir/core/spec/days';
import { useMemo } from 'react';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import styles from './EventList.module.css';
import * as wording from './wording.js';

/** What changes for a race on the way, and what its result may change, while it is asked for. */
export function RaceAround({
  base,
  drawn,
  event,
}: {
  base: LaidAndShown;
  drawn: LaidAndShown;
  event: BlockEvent;
}) {
  const { givesWay, result } = useMemo(
    () => raceOnTheWay(base, drawn, event),
    [base, drawn, event],
  );
  return (
    <section aria-label={wording.whatChangesAroundIt} className={styles.around}>
      <h3 className="small">{wording.whatChangesAroundIt}</h3>
      <ul className="plain-list small">
        {givesWay.length === 0 && <li className="muted">{wording.noOtherDayChanges}</li>}
        {givesWay.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="small muted">{result}</p>
    </section>
  );
}
