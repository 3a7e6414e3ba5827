import { formatTenths } from '@nadir/core/base/format';
import { scaleLinear } from 'd3-scale';
import { token } from '../../theme/tokens.js';
import * as wording from './wording.js';

const STEP = 40;
const HEIGHT = 64;
const MIDDLE = 24;
/** Seconds from the target at which the lane ends, at least. */
const LEAST_REACH = 3;

/** Repetitions as ticks about the line of their target: quicker above it. */
export function RepsTicks({
  times,
  targets,
}: {
  times: readonly number[];
  targets: readonly number[];
}) {
  const middle = times.reduce((all, each) => all + each, 0) / times.length;
  const targetOf = (index: number) => targets[index] ?? targets[0] ?? middle;
  const differences = times.map((time, index) => time - targetOf(index));
  const reach = Math.max(LEAST_REACH, ...differences.map(Math.abs));
  const y = scaleLinear([-reach, reach], [4, 2 * MIDDLE - 4]);
  const [target] = targets;
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={wording.repetitions}>
      <svg
        width={STEP * times.length + 4}
        height={HEIGHT}
        role="img"
        aria-label={`${times.map(formatTenths).join(', ')}${target === undefined ? '' : wording.set(formatTenths(target))}`}
      >
        <path
          d={`M0,${MIDDLE}H${STEP * times.length}`}
          stroke={token('muted')}
          strokeDasharray="3 2"
        />
        {times.map((time, index) => {
          const x = STEP * index + STEP / 2;
          const difference = differences[index] ?? 0;
          return (
            <g key={index}>
              <path
                d={`M${x - 11},${y(difference)}h22`}
                stroke={token(difference > 0 ? 'ink' : 'long')}
                strokeWidth={3}
              />
              <path d={`M${x},${MIDDLE}V${y(difference)}`} stroke={token('hairline')} />
              <text x={x} y={HEIGHT - 4} textAnchor="middle" fill={token('ink')}>
                {shortTime(time)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}

function shortTime(seconds: number): string {
  const text = formatTenths(seconds);
  return text.endsWith('.0') || seconds >= 100 ? text.slice(0, -2) : text;
}
