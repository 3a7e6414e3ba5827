import type { CheckedBlock } from '@nadir/core';
import {
  legsFigures,
  raceMorningWords,
  timesDayOne,
  WHAT_LEGS_ARE,
} from '@nadir/core/present/figures';
import { memo, useMemo } from 'react';
import { DISPLAY_FACE } from '../theme/theme.js';
import { token } from '../theme/tokens.js';
import { Halo } from './Halo.js';
import { type Columns, columnX } from './columns.js';
import { type LegsFrame, drawLegs } from './legs-curve.js';
import * as wording from './wording.js';

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
  const { curve, band, plumbs, ticks, nadir } = useMemo(
    () => drawLegs(block, columns, frame),
    [block, columns, frame],
  );
  const figures = legsFigures(block);
  const right = columnX(columns, columns.weeks);
  const half = columns.width < 600 ? 60 : 120;
  const anchor =
    nadir.x > right - half || nadir.y > bottom - 14
      ? 'end'
      : nadir.x < columns.labels + half
        ? 'start'
        : 'middle';
  return (
    <g
      role="img"
      aria-label={wording.legsHeaviestByTheWorkOfWeek(
        nadir.week,
        timesDayOne(figures.heaviest),
        raceMorningWords(figures),
        WHAT_LEGS_ARE,
      )}
    >
      <title>{WHAT_LEGS_ARE}</title>
      <Labels x={columns.labels - 38} y={(top + bottom) / 2} />
      {ticks.map(({ times, y }) => (
        <g key={times}>
          <text x={columns.labels - 8} y={y + 4} fill={token('muted')} textAnchor="end">
            {times}
          </text>
          {times === 1 && (
            <line
              x1={columns.labels}
              x2={right}
              y1={y}
              y2={y}
              stroke={token('muted')}
              strokeDasharray="1 3"
            />
          )}
        </g>
      ))}
      <path d={band} fill={token('legsBand')} fillOpacity={0.7} />
      <path d={plumbs} stroke={token('legs')} strokeOpacity={0.55} strokeWidth={0.75} />
      <path d={curve} fill="none" stroke={token('legs')} strokeWidth={2} />
      <circle
        cx={nadir.x}
        cy={nadir.y}
        r={4}
        fill={token('paper')}
        stroke={token('legs')}
        strokeWidth={2}
      />
      <Halo
        x={nadir.x + (anchor === 'end' ? -9 : anchor === 'start' ? 9 : 0)}
        y={anchor === 'middle' ? nadir.y + 18 : nadir.y + 10}
        textAnchor={anchor}
        fontFamily={DISPLAY_FACE}
        fontStyle="italic"
        fontSize={14}
        fill={token('legs')}
      >
        {nadirWords(columns, wording.nadirWeek(nadir.week), timesDayOne(figures.heaviest))}
      </Halo>
    </g>
  );
}

/** With the figure where there is room for it. */
function nadirWords(columns: Columns, where: string, figure: string): string {
  return columns.width < 600 ? where : `${where}: ${figure}`;
}

/** What is drawn; it stands still while the curve is moved. */
const Labels = memo(function Labels({ x, y }: { x: number; y: number }) {
  return (
    <g textAnchor="end">
      <text
        x={x}
        y={y - 4}
        fontFamily={DISPLAY_FACE}
        fontStyle="italic"
        fontSize={14}
        fill={token('ink')}
      >
        {wording.legs}
      </text>
      <text x={x} y={y + 11} fill={token('muted')}>
        {wording.times}
      </text>
      <text x={x} y={y + 26} fill={token('muted')}>
        {wording.dayOne}
      </text>
    </g>
  );
});
