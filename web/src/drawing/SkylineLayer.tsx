import { type Block, type Measure, type ShownBlock, formatSteps, unitName } from '@nadir/core';
import { memo, useId } from 'react';
import { token } from '../look/tokens.js';
import { type Columns, columnX } from './columns.js';
import type { Skyline, VolumeScale } from './skyline.js';
import { WeekBar, barOf } from './WeekBar.js';

/** Weekly volume as one stepped outline, with the long run in the foot of each week. */
export function SkylineLayer({
  skyline,
  scale,
  block,
  shown,
  columns,
  doneWeeks,
}: {
  skyline: Skyline;
  scale: VolumeScale;
  block: Block;
  shown: ShownBlock;
  columns: Columns;
  doneWeeks: number;
}) {
  const { ground } = scale;
  return (
    <g>
      <Ticks scale={scale} columns={columns} measure={shown.measure} />
      <path d={skyline.toCome} fill={token('toCome')} />
      <path d={skyline.done} fill={token('done')} />
      {block.weeks.map((week, index) => {
        const drawn = skyline.weeks[index];
        if (!drawn) return null;
        const done = index < doneWeeks;
        return <WeekBar key={week.number} {...barOf(week, shown, drawn, { ground, done })} />;
      })}
      <path d={skyline.outline} fill="none" stroke={token('ink')} strokeWidth={1.25} />
      <DoneOutline skyline={skyline} columns={columns} doneWeeks={doneWeeks} ground={ground} />
    </g>
  );
}

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

/** Weeks done are inked: the same outline, heavier, up to where today’s week begins. */
function DoneOutline({
  skyline,
  columns,
  doneWeeks,
  ground,
}: {
  skyline: Skyline;
  columns: Columns;
  doneWeeks: number;
  ground: number;
}) {
  const from = columnX(columns, 0);
  const until = columnX(columns, Math.min(doneWeeks, columns.weeks));
  const id = useId();
  if (doneWeeks <= 0) return null;
  return (
    <g aria-hidden="true">
      <clipPath id={id}>
        <rect x={from - 2} y={0} width={until - from + 2} height={ground} />
      </clipPath>
      <path
        d={skyline.outline}
        fill="none"
        stroke={token('ink')}
        strokeWidth={2.75}
        clipPath={`url(#${id})`}
      />
    </g>
  );
}
