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
  /** Shown steps a pixel stands for. */
  stepsPerPixel: number;
  /** Shown steps at the top of the scale. */
  most: number;
  /** Height of an amount in shown steps, above the waterline. */
  heightOf: (steps: number) => number;
}

/** Where the skyline is drawn. */
export interface SkylineFrame {
  /** Pixel of the heaviest tick. */
  top: number;
  /** Pixel of the waterline. */
  ground: number;
  /** Weeks that lie wholly in the past. */
  doneWeeks: number;
  /** The scale reaches this many shown steps at least, so that a drag does not move it. */
  reach?: number | undefined;
}

/** The skyline of weekly volume as one stepped outline. */
export function drawSkyline(
  shown: ShownBlock,
  columns: Columns,
  { top, ground, doneWeeks, reach = 1 }: SkylineFrame,
): Skyline {
  const volumes = shown.weeks.map(({ volume }) => volume);
  const scale = scaleLinear([0, Math.max(reach, ...volumes)], [ground, top]).nice(5);
  const most = scale.domain()[1] ?? 1;
  const fill = area().curve(curveStepAfter).y0(ground);
  const corners = (from: number, to: number) =>
    stepCorners(volumes.slice(from, to), (index) => columnX(columns, from + index), scale);
  return {
    ticks: scale
      .ticks(5)
      .slice(1)
      .map((steps) => ({ steps, y: scale(steps) })),
    outline: stepOutline(volumes, (index) => columnX(columns, index), scale),
    done: fill(corners(0, doneWeeks)) ?? '',
    toCome: fill(corners(doneWeeks, volumes.length)) ?? '',
    weeks: shown.weeks.map(({ volume, longRun }, index) => ({
      x: columnX(columns, index),
      width: columnX(columns, index + 1) - columnX(columns, index),
      top: scale(volume),
      longTop: scale(longRun),
    })),
    stepsPerPixel: most / (ground - top),
    most,
    heightOf: (steps) => ground - scale(steps),
  };
}

/** A stepped outline of weekly volumes. */
export function stepOutline(
  volumes: readonly number[],
  xOf: (index: number) => number,
  yOf: (steps: number) => number,
): string {
  return line().curve(curveStepAfter)(stepCorners(volumes, xOf, yOf)) ?? '';
}

function stepCorners(
  volumes: readonly number[],
  xOf: (index: number) => number,
  yOf: (steps: number) => number,
): [number, number][] {
  const last = volumes.at(-1);
  if (last === undefined) return [];
  const starts = volumes.map((volume, index): [number, number] => [xOf(index), yOf(volume)]);
  return [...starts, [xOf(volumes.length), yOf(last)]];
}
