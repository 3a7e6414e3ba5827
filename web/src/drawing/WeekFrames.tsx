import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { type Columns, columnWidth, columnX } from './columns.js';

/** What is lit behind the drawing: the weeks that a check in focus is about. */
export const LitWeeks = memo(function LitWeeks({
  columns,
  top,
  height,
  lit,
}: {
  columns: Columns;
  top: number;
  height: number;
  lit: readonly number[];
}) {
  return (
    <g aria-hidden="true">
      {lit
        .filter((week) => week <= columns.weeks)
        .map((week) => (
          <rect
            key={week}
            x={columnX(columns, week - 1)}
            y={top}
            width={columnWidth(columns)}
            height={height - top}
            fill={token('lit')}
          />
        ))}
    </g>
  );
});

/** One outline from the tread of the chosen weeks down through phases and legs; the Ledger carries it on. */
export const ChosenFrame = memo(function ChosenFrame({
  columns,
  first,
  last,
  left,
  right,
  height,
}: {
  columns: Columns;
  first: number;
  last: number;
  /** Tops of the first and the last of them. */
  left: number;
  right: number;
  height: number;
}) {
  return (
    <g aria-hidden="true" stroke={token('ink')} strokeWidth={1.25}>
      <line
        x1={columnX(columns, first - 1)}
        x2={columnX(columns, first - 1)}
        y1={left}
        y2={height}
      />
      <line x1={columnX(columns, last)} x2={columnX(columns, last)} y1={right} y2={height} />
    </g>
  );
});
