import type { CivilDate } from '@nadir/core/base';
import type { Glance } from '@nadir/core/present/figures';
import { token } from '../theme/tokens.js';

const WIDTH = 92;
const HEIGHT = 30;

/** The days of a week as small steps on one ground, with a mark at today. */
export function DaySteps({ days, today }: { days: Glance['days']; today: CivilDate }) {
  const most = Math.max(1, ...days.map(({ steps }) => steps));
  const width = WIDTH / Math.max(1, days.length);
  const top = (steps: number) => HEIGHT - (steps / most) * (HEIGHT - 3);
  return (
    <svg width={WIDTH} height={HEIGHT + 8} aria-hidden="true" display="block">
      {days.map(({ date, steps, hard }, index) => (
        <g key={date}>
          <rect
            x={index * width + 1}
            y={top(steps)}
            width={width - 2}
            height={HEIGHT - top(steps)}
            fill={token(date < today ? 'done' : 'toCome')}
            stroke={token('muted')}
            strokeWidth={steps > 0 ? 0.75 : 0}
          />
          {hard && steps > 0 && (
            <rect
              x={index * width + 1}
              y={top(steps) - 1}
              width={width - 2}
              height={2.5}
              fill={token('ink')}
            />
          )}
          {date === today && (
            <path
              d={`M${index * width + width / 2},${HEIGHT + 2}l4,6h-8z`}
              fill={token('signal')}
            />
          )}
        </g>
      ))}
      <line x1={0} x2={WIDTH} y1={HEIGHT + 0.5} y2={HEIGHT + 0.5} stroke={token('ink')} />
    </svg>
  );
}
