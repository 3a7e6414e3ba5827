import type { CheckedBlock } from '@nadir/core';
import type { CivilDate } from '@nadir/core/base';
import { memo } from 'react';
import { formatDay } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import type { Columns } from './columns.js';
import { dayIndex, dayX } from './days.js';
import { Halo } from './Halo.js';
import * as wording from './wording.js';

/** Today: a triangle on the ground, and a broken hairline up to the word. Figures are drawn over it. */
export const TodayLine = memo(function TodayLine({
  block: { weeks },
  columns,
  top,
  ground,
  today,
}: {
  block: CheckedBlock;
  columns: Columns;
  /** Base line of the word. */
  top: number;
  ground: number;
  today: CivilDate;
}) {
  const index = dayIndex(weeks, today);
  if (index === undefined) return null;
  const x = dayX(weeks, columns, index + 0.5);
  return (
    <g role="img" aria-label={wording.today(formatDay(today))} fill={token('signal')}>
      <line x1={x} x2={x} y1={top + 5} y2={ground} stroke={token('signal')} strokeDasharray="6 3" />
      <path d={`M${x},${ground - 10}l6,10h-12z`} />
      <Halo x={x} y={top} textAnchor={x < columns.labels + 20 ? 'start' : 'middle'}>
        {wording.todayWithin}
      </Halo>
    </g>
  );
});
