import type { Piece } from '@nadir/core/present/figures';
import { token } from '../theme/tokens.js';
import { paceFill } from './pace-hatches.js';

/** The pieces of a run side by side, hatched by pace; between repetitions a thin line is jogged. */
export function PieceRects({
  id,
  pieces,
  x,
  height,
  done = false,
}: {
  /** Of the hatches. */
  id: string;
  pieces: readonly Pick<Piece, 'from' | 'distance' | 'hatch'>[];
  x: (metres: number) => string | number;
  height: number;
  done?: boolean;
}) {
  return pieces.map(({ from, distance, hatch }) => (
    <rect
      key={from}
      x={x(from)}
      width={x(distance)}
      y={hatch === 'jog' ? height / 2 : 0.5}
      height={hatch === 'jog' ? 1 : height - 1}
      fill={hatch === 'jog' ? token('ink') : paceFill(id, hatch, done)}
    />
  ));
}
