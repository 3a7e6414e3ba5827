import type { CheckedBlock } from '@nadir/core';
import { type Measure, unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { type ReactNode, memo } from 'react';
import type { ShownBlock } from '@nadir/core/present/figures';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import type { VolumeScale, WeekDrawn } from './skyline.js';
import { WeekBar, barOf } from './WeekBar.js';
import { WeekFigures } from './WeekFigures.js';
import * as wording from './wording.js';

/**
 * Weekly volume as one stepped outline, with the long run in the foot of each
 * week; weeks done are inked. Figures come last: what is drawn between stays under them.
 */
export function SkylineLayer({
  skyline,
  scale,
  block,
  shown,
  columns,
  doneWeeks,
  ran,
  stipple,
  between,
}: {
  skyline: readonly WeekDrawn[];
  scale: VolumeScale;
  block: CheckedBlock;
  shown: ShownBlock;
  columns: Columns;
  doneWeeks: number;
  /** What was run of weeks, in shown units: the ground is inked as high as that. */
  ran: ReadonlyMap<number, number>;
  /** Address of the pattern for what is missing in a recovery week. */
  stipple: string;
  /** What stands over the bars and under their figures. */
  between: ReactNode;
}) {
  const { ground } = scale;
  const bars = block.weeks.flatMap((week, index) => {
    const drawn = skyline[index];
    const run = ran.get(week.number);
    const past = {
      done: index < doneWeeks,
      run,
      runTop: run === undefined ? undefined : scale.yOf(run / shown.measure.step),
    };
    return drawn ? [barOf({ week, block, shown }, drawn, { skyline, ground, ...past })] : [];
  });
  return (
    <g>
      <Ticks scale={scale} columns={columns} measure={shown.measure} />
      {bars.map(({ number, x, width, top, done, runTop }) => (
        <WeekGround
          key={number}
          {...{ x, width, ground }}
          // A shortfall of a week that is over shows as paper.
          top={done ? (runTop ?? top) : top}
          fill={token(done ? 'done' : 'toCome')}
        />
      ))}
      {bars.map(({ number, x, width, done, runTop }) =>
        done || runTop === undefined ? null : (
          <WeekGround key={number} {...{ x, width, ground }} top={runTop} fill={token('done')} />
        ),
      )}
      {bars.map((bar) => (
        <WeekBar key={bar.number} {...bar} stipple={stipple} />
      ))}
      {between}
      {bars.map((bar) => (
        <WeekFigures key={bar.number} {...bar} />
      ))}
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
      <text x={columns.labels - 8} y={scale.top - 18} textAnchor="end">
        {wording.aWeek(unitName(measure))}
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
