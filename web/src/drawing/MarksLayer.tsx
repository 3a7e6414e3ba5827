import type { CheckedBlock } from '@nadir/core';
import type { CivilDate } from '@nadir/core/base';
import { memo } from 'react';
import { formatDay } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import { dayIndex, dayX } from './days.js';

/** Race day and today. */
export const MarksLayer = memo(function MarksLayer({
  block: { weeks, spec },
  columns,
  top,
  bottom,
  today,
}: {
  block: CheckedBlock;
  columns: Columns;
  top: number;
  bottom: number;
  today: CivilDate;
}) {
  const { race } = spec;
  const raceX = dayX(weeks, columns, (dayIndex(weeks, race.date) ?? 0) + 0.5);
  const todayIndex = dayIndex(weeks, today);
  const todayX = todayIndex === undefined ? undefined : dayX(weeks, columns, todayIndex + 0.5);
  const right = columnX(columns, columns.weeks);
  return (
    <g fill={token('signal')}>
      <g role="img" aria-label={`Race day: ${race.name}, ${formatDay(race.date)}`}>
        <line
          x1={raceX}
          x2={raceX}
          y1={top - 8}
          y2={bottom - 8}
          stroke={token('signal')}
          strokeWidth={1.75}
        />
        <path d={`M${raceX},${top - 10}l-16,5l16,5z`} />
        <text x={right} y={14} textAnchor="end" fontWeight={600}>
          {race.name}
        </text>
      </g>
      {todayX !== undefined && (
        <g role="img" aria-label={`Today, ${formatDay(today)}`}>
          <line
            x1={todayX}
            x2={todayX}
            y1={20}
            y2={bottom}
            stroke={token('signal')}
            strokeWidth={1}
          />
          <text x={todayX} y={14} textAnchor={todayX < columns.labels + 50 ? 'start' : 'middle'}>
            today
          </text>
        </g>
      )}
    </g>
  );
});
