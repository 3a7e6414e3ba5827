import type { PaceRange } from '@nadir/core/paces';
import { token } from '../theme/tokens.js';
import type { PaceScale } from './pace-scale.js';

const HEIGHT = 18;
/** A pace that is no range is still to be seen. */
const LEAST = 3;

/** One pace on the common scale: what is used as a bar, the goal as an open mark under it. */
export function PaceBar({
  scale,
  width,
  used,
  goal,
  label,
}: {
  scale: PaceScale;
  width: number;
  used: PaceRange | undefined;
  goal: PaceRange | undefined;
  label: string;
}) {
  return (
    <svg width={width} height={HEIGHT} role="img" aria-label={label} style={{ display: 'block' }}>
      {scale.ticks.map(({ x }) => (
        <line key={x} x1={x} x2={x} y1={0} y2={HEIGHT} stroke={token('hairline')} />
      ))}
      {used && (
        <rect
          x={Math.min(scale.x(used.slow), scale.x(used.quick) - LEAST)}
          y={4}
          width={Math.max(LEAST, scale.x(used.quick) - scale.x(used.slow))}
          height={7}
          fill={token('long')}
        />
      )}
      {goal && (
        <path
          d={`M${scale.x(goal.slow) - 3},16h${scale.x(goal.quick) - scale.x(goal.slow) + 6}M${scale.x(goal.slow) - 3},13v3M${scale.x(goal.quick) + 3},13v3`}
          fill="none"
          stroke={token('signal')}
          strokeWidth={1.25}
        />
      )}
    </svg>
  );
}
