import type { Phase } from '@nadir/core/layout/block';
import type { PhaseKind } from '@nadir/core/spec/choices';
import { memo } from 'react';
import { DISPLAY_FACE } from '../theme/theme.js';
import { token } from '../theme/tokens.js';
import { FixedMark } from './FixedMark.js';
import { type Columns, columnX } from './columns.js';
import { hatchOf } from './hatches.js';
import * as wording from './wording.js';

/** Quick and quiet phases differ in tint as well as in hatch. */
const TINTS: Readonly<Record<PhaseKind, number>> = {
  foundation: 0.1,
  'hills-and-strength': 0.2,
  threshold: 0.3,
  speed: 0.4,
  specific: 0.5,
  sharpening: 0.3,
  taper: 0.06,
  'race-week': 0.06,
  recovery: 0.04,
};

/** About this many pixels a letter of the phase's name. */
const LETTER = 6.6;

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
  const fits = name.length * LETTER + 8 <= width;
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
      <rect {...band} fill={token('legs')} fillOpacity={TINTS[kind] * 0.55} />
      <rect {...band} fill={hatch} />
      {fits && (
        <rect
          x={x + width / 2 - (name.length * LETTER) / 2 - 5}
          y={top + 3}
          width={name.length * LETTER + 10}
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
