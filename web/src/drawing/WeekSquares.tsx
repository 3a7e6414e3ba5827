import { useId } from 'react';
import { token } from '../theme/tokens.js';
import styles from './MeasureBar.module.css';
import * as wording from './wording.js';

const SIDE = 10;
const STEP = 13;
/** Squares that stand beside their words in the narrowest place they are drawn in. */
const MOST_IN_A_ROW = 14;

/** A square for each week to come, slanted where something was found; many in rows as long as each other. */
export function WeekSquares({
  from,
  to,
  found,
}: {
  /** The first and the last week to come. */
  from: number;
  to: number;
  found: readonly number[];
}) {
  const id = useId();
  const weeks = Array.from({ length: Math.max(0, to - from + 1) }, (_, index) => from + index);
  const hit = weeks.filter((week) => found.includes(week)).length;
  const rows = Math.max(1, Math.ceil(weeks.length / MOST_IN_A_ROW));
  const perRow = Math.ceil(weeks.length / rows);
  const words = wording.ofWeeks(hit, weeks.length);
  return (
    <span className={`small ${styles.line ?? ''}`} role="img" aria-label={words}>
      <svg width={perRow * STEP} height={rows * STEP - 1} aria-hidden="true">
        <defs>
          <pattern id={id} width={4} height={4} patternUnits="userSpaceOnUse">
            <path d="M0 4L4 0M-1 1L1 -1M3 5L5 3" stroke={token('ink')} strokeWidth={1.2} />
          </pattern>
        </defs>
        {weeks.map((week, index) => (
          <rect
            key={week}
            x={(index % perRow) * STEP + 0.5}
            y={Math.floor(index / perRow) * STEP + 1}
            width={SIDE}
            height={SIDE}
            fill={found.includes(week) ? `url(#${id})` : 'none'}
            stroke={token('muted')}
          />
        ))}
      </svg>
      <b>{words}</b>
    </span>
  );
}
