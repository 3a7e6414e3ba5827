import { token } from '../../theme/tokens.js';
import * as wording from './wording.js';

const HEIGHT = 72;
const WIDTH = 100;

/** A day to scale: planned as the heavy line, what was run as the fill under it; a shortfall stays hatched paper. */
export function DoneSteps({
  planned,
  run,
  most,
}: {
  planned: number;
  run: number | undefined;
  /** At the top of the scale; more than is planned stands above it. */
  most: number;
}) {
  const y = (value: number) => HEIGHT - 1 - (Math.min(1.2, value / most) / 1.2) * (HEIGHT - 4);
  const words = run === undefined ? wording.planned(planned) : wording.plannedRun(planned, run);
  return (
    <svg
      className="done-steps"
      width="100%"
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={words}
    >
      {run !== undefined && (
        <rect x={0} width={WIDTH} y={y(run)} height={HEIGHT - 1 - y(run)} fill={token('done')} />
      )}
      {run !== undefined && run !== planned && (
        <path
          d={`M0,${y(run)}h${WIDTH}`}
          stroke={token('ink')}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      )}
      <path
        d={`M0,${HEIGHT - 1}V${y(planned)}h${WIDTH}V${HEIGHT - 1}`}
        fill="none"
        stroke={token('ink')}
        strokeWidth={run === undefined ? 1 : 2.5}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
