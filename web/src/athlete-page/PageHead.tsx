import type { AthletePage } from '@nadir/contract/athlete';
import type { CivilDate } from '@nadir/core/base';
import { CountdownTicks } from '../components/CountdownTicks.js';
import { timeToGo } from '../components/dates.js';
import styles from './AthletePage.module.css';
import * as wording from './wording.js';

/** Whose page it is, and how long it is to the race. */
export function PageHead({
  page: { athlete, block },
  today,
}: {
  page: AthletePage;
  today: CivilDate;
}) {
  const start = block?.weeks[0]?.start;
  return (
    <header className={styles.head}>
      <div>
        <h1>{athlete}</h1>
        {block && (
          <p>
            <b>{timeToGo(today, block.race.date)}</b>
            {today < block.race.date && wording.to(block.race.name)}
          </p>
        )}
      </div>
      {block && start !== undefined && (
        <CountdownTicks weeks={block.weeks.length} start={start} today={today} step={5} />
      )}
    </header>
  );
}
