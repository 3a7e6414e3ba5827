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
  selected: number | undefined;
}) {
  const frame = selected === undefined ? undefined : skyline.weeks[selected - 1];
  return (
    <g aria-hidden="true">
      {lit.map((week) => {
        const column = skyline.weeks[week - 1];
        return (
          column && (
            <rect
              key={week}
              x={column.x}
              y={24}
              width={column.width}
              height={height}
              fill={token('lit')}
            />
          )
        );
      })}
      {frame && (
        <path
          d={`M${frame.x},${height}V24H${frame.x + frame.width}V${height}`}
          fill="none"
          stroke={token('ink')}
          strokeWidth={1.25}
        />
      )}
    </g>
  );
}
