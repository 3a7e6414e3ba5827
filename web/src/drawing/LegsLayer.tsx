import type { CheckedBlock } from '@nadir/core';
import { legsFigures, raceMorningWords, timesDayOne, WHAT_LEGS_ARE } from '@nadir/core/present';
import { memo, useMemo } from 'react';
import { DISPLAY_FACE } from '../theme/theme.js';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import { type LegsFrame, drawLegs } from './legs-curve.js';

/** The legs below the waterline in multiples of day one, heavier down; the heaviest morning named by the work that made it. */
export function LegsLayer({
  block,
  columns,
  frame,
}: {
  block: CheckedBlock;
  columns: Columns;
  frame: LegsFrame;
}) {
  const { top, bottom } = frame;
  const { curve, band, ticks, nadir } = useMemo(
    () => drawLegs(block, columns, frame),
    [block, columns, frame],
  );
  const figures = legsFigures(block);
  const right = columnX(columns, columns.weeks);
  const anchor = nadir.x > right - 70 ? 'end' : nadir.x < columns.labels + 70 ? 'start' : 'middle';
  return (
    <g
      role="img"
      aria-label={`Legs: heaviest by the work of week ${nadir.week}, ${timesDayOne(figures.heaviest)}; race morning ${raceMorningWords(figures)}. ${WHAT_LEGS_ARE}`}
    >
      <title>{WHAT_LEGS_ARE}</title>
      <Labels x={columns.labels - 38} y={(top + bottom) / 2} />
      {ticks.map(({ times, y }) => (
        <g key={times}>
          <text x={columns.labels - 8} y={y + 4} fill={token('muted')} textAnchor="end">
            {times}×
          </text>
          <line
            x1={columns.labels}
            x2={right}
            y1={y}
            y2={y}
            stroke={token('muted')}
            strokeOpacity={times === 1 ? 1 : 0.4}
            strokeDasharray="1 3"
          />
        </g>
      ))}
      <path d={band} fill={token('legsBand')} fillOpacity={0.7} />
      <path d={curve} fill="none" stroke={token('legs')} strokeWidth={2} />
      <circle
        cx={nadir.x}
        cy={nadir.y}
        r={4}
        fill={token('paper')}
        stroke={token('legs')}
        strokeWidth={2}
      />
      <text
        x={nadir.x}
        y={nadir.y + 17}
        textAnchor={anchor}
        fontFamily={DISPLAY_FACE}
        fontStyle="italic"
        fontSize={14}
        fill={token('legs')}
      >
        nadir, week {nadir.week}
      </text>
    </g>
  );
}

/** What is drawn; it stands still while the curve is moved. */
const Labels = memo(function Labels({ x, y }: { x: number; y: number }) {
  return (
    <text
      x={x}
      y={y + 4}
      textAnchor="end"
      fontFamily={DISPLAY_FACE}
      fontStyle="italic"
      fontSize={14}
      fill={token('ink')}
    >
      Legs
    </text>
  );
});
