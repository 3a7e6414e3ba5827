import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { FixedMark } from './FixedMark.js';
import { Halo } from './Halo.js';
import type { BarDrawn } from './WeekBar.js';

/** Below this a column is too narrow for a mark beside its figure, or for what is cut. */
const ROOM_BESIDE = 34;
/** Below this a column is too narrow for figures with a decimal in every week. */
const ROOM_FOR_FIGURES = 24;

/** A week's figures over its bars, and the marks of what is fixed. */
export const WeekFigures = memo(function WeekFigures(bar: BarDrawn) {
  const { x, width, top, longTop, ground, volume, longRun, cut, done } = bar;
  if (width < ROOM_FOR_FIGURES) return null;
  const middle = x + width / 2;
  const within = done ? 'done' : 'toCome';
  const beside = width >= ROOM_BESIDE;
  const cutFits = cut !== '' && beside && longTop - top > 34 && ground - top > 20;
  return (
    <g aria-hidden="true">
      <Halo x={middle} y={top - 5} textAnchor="middle" fontWeight={600}>
        {volume}
      </Halo>
      {bar.volumeFixed && (
        <FixedMark
          x={beside ? middle - volume.length * 3.6 - 8 : middle}
          y={top - (beside ? 9 : 21)}
        />
      )}
      {cutFits && (
        <Halo on={within} x={middle} y={top + 14} textAnchor="middle" fill={token('muted')}>
          {cut}
        </Halo>
      )}
      {cutFits && bar.cutFixed && <FixedMark x={middle - cut.length * 3.4 - 8} y={top + 10} />}
      {longRun !== '' && (
        <Halo
          on={longTop - 14 > top ? within : 'paper'}
          x={middle}
          y={longTop - 4}
          textAnchor="middle"
        >
          {longRun}
        </Halo>
      )}
      {bar.longRunFixed && (
        <FixedMark
          x={beside ? middle - longRun.length * 3.4 - 8 : middle}
          y={longTop - (beside ? 8 : 20)}
        />
      )}
    </g>
  );
});
