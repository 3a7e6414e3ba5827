import type { RunPieces } from '@nadir/core/present/figures';
import { useId } from 'react';
import { token } from '../theme/tokens.js';
import { PaceHatches } from './pace-hatches.js';
import { PieceRects } from './PieceRects.js';

const HEIGHT = 12;
/** Between two runs of a day. */
const GAP = 3;

/** A day's running as a bar to scale, its pieces hatched by pace. */
export function DayBar({
  runs,
  longest,
  done,
}: {
  runs: readonly RunPieces[];
  /** Metres of the longest day beside it. */
  longest: number;
  done: boolean;
}) {
  const id = useId();
  const part = (metres: number) => `${((100 * metres) / Math.max(1, longest)).toFixed(2)}%`;
  return (
    <svg width="100%" height={HEIGHT} aria-hidden="true" display="block">
      <PaceHatches id={id} />
      {runs.map(({ from, distance, pieces }, place) => (
        <g key={from} transform={`translate(${place * GAP} 0)`}>
          <PieceRects id={id} pieces={pieces} x={part} height={HEIGHT} done={done} />
          <rect
            x={part(from)}
            width={part(distance)}
            y={0.5}
            height={HEIGHT - 1}
            fill="none"
            stroke={token('muted')}
          />
        </g>
      ))}
    </svg>
  );
}
