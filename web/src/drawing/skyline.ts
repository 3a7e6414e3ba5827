import type { ShownWeek } from '@nadir/core/present/figures';
import { scaleLinear } from 'd3-scale';
import { curveStepAfter, line } from 'd3-shape';
import { type Columns, columnX } from './columns.js';

/** One week above the waterline, in pixels of the drawing. */
export interface WeekDrawn {
  x: number;
  width: number;
  /** Top of the week before; its own in the first week. The outline steps from there. */
  from: number;
  top: number;
  longTop: number;
}

/** Pixels for amounts in shown steps, above the waterline. */
export interface VolumeScale {
  /** Pixel of its highest tick. */
  top: number;
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
    top,
    ground,
    ticks: ticks.map((steps) => ({ steps, y: scale(steps) })),
    yOf: (steps) => scale(steps),
    stepsPerPixel: end / (ground - top),
  };
}

/** What of a block's figures a skyline shows. */
interface Figures {
  weeks: readonly Pick<ShownWeek, 'volume' | 'longRun'>[];
}

/** Shown steps of the heaviest week. */
export function heaviest({ weeks }: Figures): number {
  return Math.max(...weeks.map(({ volume }) => volume));
}

/**
 * The skyline of weekly volume, week by week: each stands by itself, so that a
 * change of one draws no other.
 */
export function drawSkyline(
  { weeks }: Figures,
  columns: Columns,
  { yOf }: VolumeScale,
): WeekDrawn[] {
  return weeks.map(({ volume, longRun }, index) => {
    const x = columnX(columns, index);
    return {
      x,
      width: columnX(columns, index + 1) - x,
      from: yOf(weeks[index - 1]?.volume ?? volume),
      top: yOf(volume),
      longTop: yOf(longRun),
    };
  });
}

/** A week's part of the outline: up or down from the week before, and across. */
export function outlineOf({ x, width, from, top }: WeekDrawn): string {
  return `M${x},${from}V${top}h${width}`;
}

/** A stepped outline of weekly volumes, as one. */
export function stepOutline(
  volumes: readonly number[],
  xOf: (index: number) => number,
  yOf: (steps: number) => number,
): string {
  const last = volumes.at(-1);
  if (last === undefined) return '';
  const corners = volumes.map((volume, index): [number, number] => [xOf(index), yOf(volume)]);
  const end: [number, number] = [xOf(volumes.length), yOf(last)];
  return line().curve(curveStepAfter)([...corners, end]) ?? '';
}
