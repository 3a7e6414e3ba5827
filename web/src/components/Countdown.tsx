import type { CivilDate } from '@nadir/core/base';
import { memo } from 'react';
import styles from './Countdown.module.css';
import { CountdownTicks } from './CountdownTicks.js';
import { timeToGo } from './dates.js';
import * as wording from './wording.js';

/** The weeks to race day as ticks, done, now and to come, with the words. */
export const Countdown = memo(function Countdown({
  weeks,
  start,
  race,
  today,
}: {
  weeks: number;
  start: CivilDate;
  race: CivilDate;
  today: CivilDate;
}) {
  return (
    <div className={styles.countdown}>
      <span>
        <b className="display">{timeToGo(today, race)}</b>
        {today < race && <span className="muted">{wording.toGo}</span>}
      </span>
      <CountdownTicks weeks={weeks} start={start} today={today} />
    </div>
  );
});
