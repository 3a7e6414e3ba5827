import type { Phase } from '@nadir/core/layout/block';
import { memo } from 'react';
import { DISPLAY_FACE } from '../theme/theme.js';
import { token } from '../theme/tokens.js';
import { FixedMark } from './FixedMark.js';
import { type Columns, columnX } from './columns.js';
import { hatchOf, PHASE_LETTER, tintOf } from './hatches.js';
import * as wording from './wording.js';

export function PhasesLayer({
  phases,
  fixed,
  columns,
  top,
  height,
  hatch,
}: {
  phases: readonly Phase[];
  /** True where their edges are the coach's own. */
  fixed: boolean;
  columns: Columns;
  top: number;
  height: number;
  hatch: string;
}) {
  return (
    <g>
      {phases.map(({ kind, name, purpose, firstWeek, weeks }) => {
        const x = columnX(columns, firstWeek - 1);
        const width = columnX(columns, firstWeek - 1 + weeks) - x;
        const band = { kind, name, purpose, firstWeek, weeks, fixed, x, width, top, height };
        return <PhaseBand key={firstWeek} {...band} hatch={hatchOf(hatch, kind)} />;
      })}
      <line
        x1={columnX(columns, 0)}
        x2={columnX(columns, columns.weeks)}
        y1={top}
        y2={top}
        stroke={token('ink')}
        strokeWidth={1}
      />
    </g>
  );
}

/** One phase, of plain values: equal ones are not drawn again. */
const PhaseBand = memo(function PhaseBand({
  kind,
  name,
  purpose,
  firstWeek,
  weeks,
  fixed,
  x,
  width,
  top,
  height,
  hatch,
}: Pick<Phase, 'kind' | 'name' | 'purpose' | 'firstWeek' | 'weeks'> & {
  fixed: boolean;
  x: number;
  width: number;
  top: number;
  height: number;
  /** Address of its pattern. */
  hatch: string;
}) {
  const fits = name.length * PHASE_LETTER + 8 <= width;
  const band = { x, y: top, width, height };
  return (
    <g
      role="img"
      aria-label={wording.phaseWeeksFromWeek({
        name,
        weeks,
        firstWeek,
        text: fixed ? wording.fixed : '',
        purpose,
      })}
    >
      <title>{`${name}: ${purpose}`}</title>
      <rect {...band} fill={token('legs')} fillOpacity={tintOf(kind)} />
      <rect {...band} fill={hatch} />
      {fits && (
        <rect
          x={x + width / 2 - (name.length * PHASE_LETTER) / 2 - 5}
          y={top + 3}
          width={name.length * PHASE_LETTER + 10}
          height={height - 6}
          fill={token('paper')}
          fillOpacity={0.82}
        />
      )}
      <text
        x={x + width / 2}
        y={top + height / 2 + 4.5}
        textAnchor="middle"
        fontFamily={DISPLAY_FACE}
        fontStyle="italic"
        fontSize={14}
      >
        {fits ? name : ''}
      </text>
      <line x1={x} x2={x} y1={top} y2={top + height + 4} stroke={token('ink')} />
      {fixed && firstWeek > 1 && <FixedMark x={x} y={top + height + 4} />}
    </g>
  );
});
