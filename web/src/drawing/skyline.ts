import type { ShownBlock } from '@nadir/core';
import { scaleLinear } from 'd3-scale';
import { area, curveStepAfter, line } from 'd3-shape';
import { type Columns, columnX } from './columns.js';

/** The part of the drawing above the waterline, in pixels of it. */
export interface Skyline {
  outline: string;
  /** The filled ground of weeks done, and of weeks to come. */
  done: string;
  toCome: string;
  /** Top of each week and of its long run. */
  weeks: { x: number; width: number; top: number; longTop: number }[];
}

/** Pixels for amounts in shown steps, above the waterline. */
export interface VolumeScale {
  /** Pixel of the waterline. */
  ground: number;
  ticks: { y: number; steps: number }[];
  yOf: (steps: number) => number;
  /** Shown steps a pixel stands for. */
  stepsPerPixel: number;
}

/** The round figure at which a scale with room for `most` shown steps ends. */
export function scaleEnd(most: number): number {
  return (
    scaleLinear([0, Math.max(1, most)], [0, 1])
      .nice(5)
      .domain()[1] ?? 1
  );
}

/**
 * The scale of weekly volume.
 *
 * @param end shown steps at its top, of `scaleEnd`
 * @param frame pixels of the heaviest tick and of the waterline
 */
export function volumeScale(
  end: number,
  { top, ground }: { top: number; ground: number },
): VolumeScale {
  const scale = scaleLinear([0, end], [ground, top]);
  const ticks = scale.ticks(5).slice(1);
  return {
    ground,
    ticks: ticks.map((steps) => ({ steps, y: scale(steps) })),
    yOf: (steps) => scale(steps),
    stepsPerPixel: end / (ground - top),
  };
}

/** Shown steps of the heaviest week. */
export function heaviest({ weeks }: ShownBlock): number {
  return Math.max(...weeks.map(({ volume }) => volume));
}

/**
 * The skyline of weekly volume as one stepped outline.
 *
 * @param doneWeeks weeks that lie wholly in the past
 */
export function drawSkyline(
  shown: ShownBlock,
  columns: Columns,
  { ground, yOf }: VolumeScale,
  doneWeeks: number,
): Skyline {
  const volumes = shown.weeks.map(({ volume }) => volume);
  const fill = area().curve(curveStepAfter).y0(ground);
  const corners = (from: number, to: number) =>
    stepCorners(volumes.slice(from, to), (index) => columnX(columns, from + index), yOf);
  return {
    outline: stepOutline(volumes, (index) => columnX(columns, index), yOf),
    done: fill(corners(0, doneWeeks)) ?? '',
    toCome: fill(corners(doneWeeks, volumes.length)) ?? '',
    weeks: shown.weeks.map(({ volume, longRun }, index) => ({
      x: columnX(columns, index),
      width: columnX(columns, index + 1) - columnX(columns, index),
      top: yOf(volume),
      longTop: yOf(longRun),
    })),
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
