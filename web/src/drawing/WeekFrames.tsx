import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { type Columns, columnWidth, columnX } from './columns.js';

/** What is lit behind the drawing: the weeks of a check in focus, and the selected week. */
export const WeekFrames = memo(function WeekFrames({
  columns,
  height,
  lit,
  selected,
}: {
  columns: Columns;
  height: number;
  lit: readonly number[];
  selected: readonly number[] | undefined;
}) {
  const inside = (week: number) => week <= columns.weeks;
  const chosen = (selected ?? []).filter(inside);
  const left = columnX(columns, Math.min(...chosen) - 1);
  const right = columnX(columns, Math.max(...chosen));
  return (
    <g aria-hidden="true">
      {lit.filter(inside).map((week) => (
        <rect
          key={week}
          x={columnX(columns, week - 1)}
          y={46}
          width={columnWidth(columns)}
          height={height}
          fill={token('lit')}
        />
      ))}
      {chosen.length > 0 && (
        <path
          d={`M${left},${height}V46H${right}V${height}`}
          fill="none"
          stroke={token('ink')}
          strokeWidth={1.25}
        />
      )}
    </g>
  );
});
