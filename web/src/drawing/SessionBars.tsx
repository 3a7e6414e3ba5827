import type { LaidSession } from '@nadir/core/sessions';
import { scaleLinear } from 'd3-scale';
import { token } from '../theme/tokens.js';

const HEIGHT = 120;
const FLOOR = 100;

/** A session to scale: time across, speed up; hard running filled, the rest open. */
export function SessionBars({ session, width }: { session: LaidSession; width: number }) {
  const { stretches, time } = session;
  const speeds = stretches.map(({ pace }) => (pace === undefined ? 0 : 1000 / pace));
  const x = scaleLinear([0, Math.max(1, time)], [0, width]);
  const y = scaleLinear([0, Math.max(1, ...speeds)], [FLOOR, 10]);
  const starts = stretches.map((_, index) =>
    stretches.slice(0, index).reduce((total, each) => total + each.time, 0),
  );
  const minutes = scaleLinear([0, time / 60], [0, width])
    .ticks(6)
    .filter(Number.isInteger);
  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`The session to scale: ${stretches.map(({ words }) => words).join(', ') || 'nothing to run'}`}
      style={{ display: 'block', fontSize: 11.5, fill: token('muted') }}
    >
      {stretches.map(({ words, hard, time: lasts }, index) => {
        const left = x(starts[index] ?? 0);
        const top = y(speeds[index] ?? 0);
        return (
          <rect
            key={index}
            x={left}
            width={Math.max(0.5, x(lasts) - x(0))}
            y={Math.min(top, FLOOR - 2)}
            height={Math.max(2, FLOOR - top)}
            fill={token(hard ? 'long' : 'toCome')}
            stroke={token('ink')}
            strokeWidth={0.75}
          >
            <title>{words}</title>
          </rect>
        );
      })}
      <line x1={0} x2={width} y1={FLOOR} y2={FLOOR} stroke={token('ink')} />
      {minutes.map((minute) => (
        <text
          key={minute}
          x={Math.min(width - 2, x(minute * 60))}
          y={HEIGHT - 5}
          textAnchor={minute === 0 ? 'start' : 'end'}
        >
          {minute} min
        </text>
      ))}
    </svg>
  );
}
