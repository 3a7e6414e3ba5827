import type { PageDay } from '@nadir/contract/athlete';
import { metresPer, type Unit } from '@nadir/core/base';
import { useId } from 'react';
import { PaceHatches } from '../drawing/pace-hatches.js';
import { PieceRects } from '../drawing/PieceRects.js';
import { token } from '../theme/tokens.js';

const WIDTH = 350;
const HEIGHT = 18;
const GAP = 4;
/** Distances between figures of a scale, in the shown unit; the first that gives few enough is taken. */
const STEPS = [1, 2, 5, 10, 20];
const MOST_FIGURES = 5;

/** What is run on a day, to scale: one bar for each run, hatched by pace, over its kilometres or miles. */
export function DayBarWithScale({ runs, unit }: { runs: PageDay['runs']; unit: Unit }) {
  const id = useId();
  const total = runs.reduce((sum, { distance }) => sum + distance, 0);
  if (total <= 0) return null;
  const x = (metres: number) => (metres / total) * (WIDTH - GAP * (runs.length - 1));
  const step = STEPS.find((each) => total / (each * metresPer(unit)) < MOST_FIGURES) ?? 50;
  const figures = Array.from(
    { length: Math.floor(total / (step * metresPer(unit))) },
    (_, index) => (index + 1) * step,
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT + 22}`}
      width="100%"
      role="img"
      aria-label={runs.map(({ shorthand }) => shorthand).join(' + ')}
    >
      <PaceHatches id={id} />
      {runs.map(({ from, distance, pieces }, place) => (
        <g key={from} transform={`translate(${place * GAP} 0)`}>
          <PieceRects id={id} pieces={pieces} x={x} height={HEIGHT} />
          <rect
            x={x(from) + 0.5}
            width={x(distance) - 1}
            y={0.5}
            height={HEIGHT - 1}
            fill="none"
            stroke={token('ink')}
          />
        </g>
      ))}
      {figures.map((figure) => {
        const at = x(figure * metresPer(unit));
        // At the end of a bar its figure stands before it.
        const isEnd = at > WIDTH - 24;
        return (
          <g key={figure}>
            <line x1={at} x2={at} y1={HEIGHT - 4} y2={HEIGHT + 3} stroke={token('ink')} />
            <text
              x={isEnd ? WIDTH : at}
              y={HEIGHT + 17}
              textAnchor={isEnd ? 'end' : 'middle'}
              fontSize="13"
              fill={token('muted')}
            >
              {figure} {unit}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
