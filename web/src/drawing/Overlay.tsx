import type { CheckedBlock } from '@nadir/core';
import type { ShownBlock } from '@nadir/core/present/figures';
import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import { type LegsFrame, legsLine } from './legs-curve.js';
import { type VolumeScale, stepOutline } from './skyline.js';
import * as wording from './wording.js';

/** Another version of a block, drawn thin behind the first: its outline, long runs and legs. */
export interface OverlayBlock {
  block: CheckedBlock;
  shown: ShownBlock;
  /** What it is, in a word or two. */
  name: string;
}

/** How each of two others is drawn: the dashes of its outline, and of its long runs. */
export const overlayLines = [
  { outline: '5 3', longRun: '3 2' },
  { outline: '1 3', longRun: '1 2' },
] as const;

/** Weeks stand over those as far from the race. */
export const OverlayLayer = memo(function OverlayLayer({
  overlay,
  line,
  scale: { yOf },
  columns,
  legs,
}: {
  overlay: OverlayBlock;
  line: (typeof overlayLines)[number];
  scale: VolumeScale;
  columns: Columns;
  legs: LegsFrame;
}) {
  const { block, shown, name } = overlay;
  const offset = columns.weeks - shown.weeks.length;
  const shifted: Columns = {
    width: columns.width,
    labels: columnX(columns, offset),
    weeks: shown.weeks.length,
  };
  const width = columnX(columns, 1) - columnX(columns, 0);
  const left = Math.max(0, -offset);
  return (
    <g role="img" aria-label={wording.forComparison(name)} data-overlay>
      <path
        d={stepOutline(
          shown.weeks.slice(left).map(({ volume }) => volume),
          (index) => columnX(columns, index + left + offset),
          yOf,
        )}
        fill="none"
        stroke={token('legs')}
        strokeWidth={1.5}
        strokeDasharray={line.outline}
      />
      {shown.weeks.slice(left).map(({ longRun }, index) => {
        const x = columnX(columns, index + left + offset);
        return longRun > 0 ? (
          <line
            key={x}
            x1={x + width * 0.15}
            x2={x + width * 0.85}
            y1={yOf(longRun)}
            y2={yOf(longRun)}
            stroke={token('legs')}
            strokeWidth={1.5}
            strokeDasharray={line.longRun}
          />
        ) : null;
      })}
      {offset >= 0 && (
        <path
          d={legsLine(block, shifted, legs)}
          fill="none"
          stroke={token('legs')}
          strokeWidth={1.25}
          strokeDasharray={line.outline}
        />
      )}
    </g>
  );
});
