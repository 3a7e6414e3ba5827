import type { CheckedBlock } from '@nadir/core';
import { formatPercent } from '@nadir/core/base/format';
import { memo, useMemo } from 'react';
import { DISPLAY_FACE } from '../theme/theme.js';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import { type LegsFrame, drawLegs } from './legs-curve.js';

const WHAT_IT_IS =
  'A model of how heavy the legs are from the planned running alone. It knows nothing of sleep, illness or pain, and promises nothing.';

/** The legs below the waterline: heavy down, fresh up, the lowest point named. */
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
  const { curve, band, zero, nadir } = useMemo(
    () => drawLegs(block, columns, frame),
    [block, columns, frame],
  );
  const { days, nadir: heaviest, raceDay } = block.legs;
  const depth = formatPercent(-(days[heaviest]?.value ?? 0));
  const right = columnX(columns, columns.weeks);
  const anchor = nadir.x > right - 70 ? 'end' : nadir.x < columns.labels + 70 ? 'start' : 'middle';
  return (
    <g
      role="img"
      aria-label={`Legs: heaviest in week ${nadir.week}, ${depth} heavier than at the start; ${formatPercent(-raceDay)} on race morning. ${WHAT_IT_IS}`}
    >
      <title>{WHAT_IT_IS}</title>
      <Labels x={columns.labels - 8} top={top} bottom={bottom} />
      <line
        x1={columns.labels}
        x2={right}
        y1={zero}
        y2={zero}
        stroke={token('muted')}
        strokeDasharray="1 3"
      />
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

/** What is up and what is down; it stands still while the curve is moved. */
const Labels = memo(function Labels({
  x,
  top,
  bottom,
}: {
  x: number;
  top: number;
  bottom: number;
}) {
  return (
    <g fill={token('muted')} textAnchor="end">
      <text x={x} y={top + 4}>
        fresh
      </text>
      <text
        x={x}
        y={(top + bottom) / 2 + 4}
        fontFamily={DISPLAY_FACE}
        fontStyle="italic"
        fontSize={14}
        fill={token('ink')}
      >
        Legs
      </text>
      <text x={x} y={bottom + 4}>
        heavy
      </text>
    </g>
  );
});
