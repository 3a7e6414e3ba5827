import { differenceInDays, type Unit } from '@nadir/core/base';
import { formatDuration, formatRace } from '@nadir/core/base/format';
import type { Trend } from '@nadir/core/paces';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { token } from '../theme/tokens.js';
import { formatDayAndMonth } from '../components/dates.js';
import styles from './TrendLine.module.css';
import * as wording from './wording.js';

const WIDTH = 270;
const HEIGHT = 86;

/** A test run more than once: one mark a result, quicker is higher. */
export function TrendLine({ trend: { distance, results }, unit }: { trend: Trend; unit: Unit }) {
  const [first] = results;
  const last = results.at(-1);
  if (!first || !last) return null;
  const days = results.map(({ date }) => differenceInDays(date, first.date));
  const x = scaleLinear([0, Math.max(1, ...days)], [34, WIDTH - 34]);
  const times = results.map(({ time }) => time);
  const [quickest, slowest] = [Math.min(...times), Math.max(...times)];
  const y = scaleLinear([slowest, quickest === slowest ? slowest - 1 : quickest], [58, 22]);
  const points = results.map(({ time }, index): [number, number] => [x(days[index] ?? 0), y(time)]);
  const change = last.time - first.time;
  const size = Math.round(Math.abs(change));
  const words = wording.sinceTheFirst(
    size < 60 ? `${size} s` : formatDuration(size),
    change <= 0 ? wording.quicker : wording.slower,
  );
  return (
    <figure className={styles.figure}>
      <figcaption>
        {formatRace(distance, unit)}: {words}
      </figcaption>
      <svg
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`${formatRace(distance, unit)}: ${results
          .map(({ date, time }) => wording.on(formatDuration(time), formatDayAndMonth(date)))
          .join(', ')}`}
      >
        <path d={line()(points) ?? ''} fill="none" stroke={token('legs')} strokeWidth={1.5} />
        {results.map(({ date, time }, index) => {
          const [cx = 0, cy = 0] = points[index] ?? [];
          return (
            <g key={`${date} ${time}`} textAnchor="middle">
              <circle
                cx={cx}
                cy={cy}
                r={3.5}
                fill={token('paper')}
                stroke={token('legs')}
                strokeWidth={1.75}
              />
              <text x={cx} y={cy - 8}>
                {formatDuration(time)}
              </text>
              <text x={cx} y={HEIGHT - 4} fill={token('muted')}>
                {formatDayAndMonth(date)}
              </text>
            </g>
          );
        })}
      </svg>
    </figure>
  );
}
