import { type CivilDate, differenceInDays } from '@nadir/core/base';
import { memo } from 'react';
import { token } from '../theme/tokens.js';
import styles from './Countdown.module.css';
import { timeToGo } from './dates.js';

/** From one week's tick to the next, and the room after every fourth. */
const STEP = 7;
const GROUP = 4;
const HEIGHT = 12;

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
  const now = Math.floor(differenceInDays(today, start) / 7);
  const x = (week: number) => week * STEP + Math.floor(week / GROUP) * 5;
  const end = x(weeks - 1) + 5;
  return (
    <div className={styles.countdown}>
      <span>
        <b className="display">{timeToGo(today, race)}</b>
        {today < race && <span className="muted"> to go</span>}
      </span>
      <svg width={end + 14} height={HEIGHT + 6} aria-hidden="true">
        {Array.from({ length: weeks }, (_, week) => (
          <rect
            key={week}
            x={x(week) + 0.5}
            y={week === now ? 0 : 2}
            width={4}
            height={week === now ? HEIGHT + 4 : HEIGHT}
            fill={week < now ? token('ink') : week === now ? token('signal') : 'none'}
            stroke={week === now ? token('signal') : token('ink')}
            strokeWidth={week > now ? 0.75 : 0}
          />
        ))}
        <path
          d={`M${end + 3},${HEIGHT + 3}V1h9l-3,3.5l3,3.5h-9`}
          fill={token('signal')}
          stroke={token('signal')}
        />
      </svg>
    </div>
  );
});
