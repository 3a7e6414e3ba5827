import type { Measured } from '@nadir/core/present';
import { useId } from 'react';
import { token } from '../theme/tokens.js';
import styles from './MeasureBar.module.css';

const WIDTH = 150;
const HEIGHT = 11;

/** What a check measured, against its limit: filled as far as both go, slanted between them. */
export function MeasureBar({ value, limit, words, limitWords }: Measured) {
  const id = useId();
  const most = Math.max(Math.abs(value), Math.abs(limit), Number.EPSILON) * 1.15;
  const x = (figure: number) => (WIDTH * Math.max(0, figure)) / most;
  const [low, high] = [Math.min(x(value), x(limit)), Math.max(x(value), x(limit))];
  return (
    <div className="small" role="img" aria-label={`${words}; ${limitWords}`}>
      <span className={styles.line}>
        <svg width={WIDTH} height={HEIGHT + 6} aria-hidden="true">
          <defs>
            <pattern id={id} width={4} height={4} patternUnits="userSpaceOnUse">
              <path d="M0 4L4 0M-1 1L1 -1M3 5L5 3" stroke={token('signal')} strokeWidth={1} />
            </pattern>
          </defs>
          <line
            x1={0}
            x2={WIDTH}
            y1={HEIGHT / 2 + 3}
            y2={HEIGHT / 2 + 3}
            stroke={token('hairline')}
          />
          <rect x={0} y={3} width={low} height={HEIGHT} fill={token('muted')} fillOpacity={0.75} />
          <rect
            x={low}
            y={3.5}
            width={Math.max(1, high - low)}
            height={HEIGHT - 1}
            fill={`url(#${id})`}
            stroke={token('signal')}
          />
          <line
            x1={x(limit)}
            x2={x(limit)}
            y1={0}
            y2={HEIGHT + 6}
            stroke={token('ink')}
            strokeWidth={1.5}
          />
        </svg>
        <b>{words}</b>
      </span>
      <span className="muted">{limitWords}</span>
    </div>
  );
}
