import type { ShownBlock } from '@nadir/core';
import { scaleLinear } from 'd3-scale';
import { area, curveStepAfter, line } from 'd3-shape';
import { type Columns, columnX } from './columns.js';

/** The part of the drawing above the waterline, in pixels of it. */
export interface Skyline {
  ticks: { y: number; steps: number }[];
  outline: string;
  /** The filled ground of weeks done, and of weeks to come. */
  done: string;
  toCome: string;
  /** Top of each week and of its long run. */
  weeks: { x: number; width: number; top: number; longTop: number }[];
}

/**
 * The skyline of weekly volume as one stepped outline.
 *
 * @param top pixel of the heaviest tick
 * @param ground pixel of the waterline
 * @param doneWeeks weeks that lie wholly in the past
 */
export function drawSkyline(
  shown: ShownBlock,
  columns: Columns,
  { top, ground, doneWeeks }: { top: number; ground: number; doneWeeks: number },
): Skyline {
  const volumes = shown.weeks.map(({ volume }) => volume);
  const scale = scaleLinear([0, Math.max(1, ...volumes)], [ground, top]).nice(5);
  const corners = (from: number, to: number): [number, number][] => {
    const inside = volumes.slice(from, to);
    const last = inside.at(-1);
    if (last === undefined) return [];
    const starts = inside.map((volume, index): [number, number] => [
      columnX(columns, from + index),
      scale(volume),
    ]);
    return [...starts, [columnX(columns, to), scale(last)]];
  };
  const outline = line().curve(curveStepAfter);
  const fill = area().curve(curveStepAfter).y0(ground);
  return {
    ticks: scale
      .ticks(5)
      .slice(1)
      .map((steps) => ({ steps, y: scale(steps) })),
    outline: outline(corners(0, volumes.length)) ?? '',
    done: fill(corners(0, doneWeeks)) ?? '',
    toCome: fill(corners(doneWeeks, volumes.length)) ?? '',
    weeks: shown.weeks.map(({ volume, longRun }, index) => ({
      x: columnX(columns, index),
      width: columnX(columns, index + 1) - columnX(columns, index),
      top: scale(volume),
      longTop: scale(longRun),
    })),
  };
}
