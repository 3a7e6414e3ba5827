import type { CheckedBlock } from '@nadir/core';
import { type Measure, unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import type { ShownBlock } from '@nadir/core/present';
import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import type { VolumeScale, WeekDrawn } from './skyline.js';
import { WeekBar, barOf } from './WeekBar.js';

/** Weekly volume as one stepped outline, with the long run in the foot of each week; weeks done are inked. */
export function SkylineLayer({
  skyline,
  scale,
  block,
  shown,
  columns,
  doneWeeks,
}: {
  skyline: readonly WeekDrawn[];
  scale: VolumeScale;
  block: CheckedBlock;
  shown: ShownBlock;
  columns: Columns;
  doneWeeks: number;
}) {
  const { ground } = scale;
  return (
    <g>
      <Ticks scale={scale} columns={columns} measure={shown.measure} />
      {skyline.map(({ x, width, top }, index) => (
        <WeekGround
          key={index}
          {...{ x, width, top, ground }}
          fill={token(index < doneWeeks ? 'done' : 'toCome')}
        />
      ))}
      {block.weeks.map((week, index) => {
        const drawn = skyline[index];
        if (!drawn) return null;
        const done = index < doneWeeks;
        return <WeekBar key={week.number} {...barOf(week, shown, drawn, { ground, done })} />;
      })}
    </g>
  );
}

/** Under everything else, so that a figure wider than its column is not covered by the next week. */
const WeekGround = memo(function WeekGround({
  x,
  width,
  top,
  ground,
  fill,
}: {
  x: number;
  width: number;
  top: number;
  ground: number;
  fill: string;
}) {
  return (
    <rect
      {...{ x, width, fill }}
      y={top}
      height={Math.max(0, ground - top)}
      // Neighbours meet without a seam.
      shapeRendering="crispEdges"
    />
  );
});

const Ticks = memo(function Ticks({
  scale,
  columns,
  measure,
}: {
  scale: VolumeScale;
  columns: Columns;
  measure: Measure;
}) {
  return (
    <g aria-hidden="true" fill={token('muted')}>
      <text x={columns.labels - 8} y={46} textAnchor="end">
        {unitName(measure)} a week
      </text>
      {scale.ticks.map(({ y, steps }) => (
        <g key={steps}>
          <line
            x1={columns.labels}
            x2={columnX(columns, columns.weeks)}
            y1={y}
            y2={y}
            stroke={token('hairline')}
            strokeWidth={0.75}
          />
          <text x={columns.labels - 8} y={y + 4} textAnchor="end">
            {formatSteps(steps, measure)}
          </text>
        </g>
      ))}
    </g>
  );
});
