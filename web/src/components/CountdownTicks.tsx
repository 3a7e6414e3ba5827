import { type CivilDate, differenceInDays } from '@nadir/core/base';
import { token } from '../theme/tokens.js';

/** From one week's tick to the next; after every fourth there is more. */
const STEP = 7;
const GROUP = 4;
const HEIGHT = 12;

/** The weeks to race day as ticks: done, now and to come, with a flag at the end. */
export function CountdownTicks({
  weeks,
  start,
  today,
  step = STEP,
}: {
  weeks: number;
  start: CivilDate;
  today: CivilDate;
  /** Pixels from one tick to the next. */
  step?: number;
}) {
  const now = Math.floor(differenceInDays(today, start) / 7);
  const x = (week: number) => week * step + Math.floor(week / GROUP) * (step - 2);
  const width = step - 3;
  const end = x(weeks - 1) + width + 1;
  return (
    <svg width={end + 14} height={HEIGHT + 6} aria-hidden="true">
      {Array.from({ length: weeks }, (_, week) => (
        <rect
          key={week}
          x={x(week) + 0.5}
          y={week === now ? 0 : 2}
          width={width}
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
  );
}
