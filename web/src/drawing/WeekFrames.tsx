import { token } from '../look/tokens.js';
import type { Skyline } from './skyline.js';

/** What is lit behind the drawing: the weeks of a check in focus, and the selected week. */
export function WeekFrames({
  skyline,
  height,
  lit,
  selected,
}: {
  skyline: Skyline;
  height: number;
  lit: readonly number[];
  selected: readonly number[] | undefined;
}) {
  const chosen = (selected ?? []).flatMap((week) => skyline.weeks[week - 1] ?? []);
  const left = Math.min(...chosen.map(({ x }) => x));
  const right = Math.max(...chosen.map(({ x, width }) => x + width));
  return (
    <g aria-hidden="true">
      {lit.map((week) => {
        const column = skyline.weeks[week - 1];
        return (
          column && (
            <rect
              key={week}
              x={column.x}
              y={46}
              width={column.width}
              height={height}
              fill={token('lit')}
            />
          )
        );
      })}
      {chosen.length > 0 && (
        <path
          d={`M${left},${height}V46H${right}V${height}`}
          fill="none"
          stroke={token('ink')}
          strokeWidth={1.25}
        />
      )}
    </g>
  );
}
