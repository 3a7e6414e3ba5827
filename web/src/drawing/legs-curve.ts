import type { LaidBlock } from '@nadir/core';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import type { Columns } from './columns.js';
import { dayX } from './days.js';

/** The part of the drawing below the waterline, in pixels of it. */
export interface LegsCurve {
  curve: string;
  band: string;
  /** Height of day one. */
  zero: number;
  nadir: { x: number; y: number; week: number };
  raceDay: { x: number; y: number };
}

/** Room is kept for at least this much heaviness, so that small dips stay small. */
const LEAST_DEPTH = -0.25;

/** Where the legs are drawn. */
export interface LegsFrame {
  top: number;
  bottom: number;
  /** Heaviest and freshest that have room; the block's own when left out. */
  range?: readonly [heaviest: number, freshest: number];
}

type LegsDay = LaidBlock['legs']['days'][number];
const low = (day: LegsDay) => Math.min(day.value, day.quick, day.slow);
const high = (day: LegsDay) => Math.max(day.value, day.quick, day.slow);

/** The heaviest and freshest of blocks that are drawn on one scale. */
export function legsRange(blocks: readonly Pick<LaidBlock, 'legs'>[]): [number, number] {
  const days = blocks.flatMap(({ legs }) => legs.days);
  return [Math.min(LEAST_DEPTH, ...days.map(low)), Math.max(0.1, ...days.map(high))];
}

export function drawLegs(
  { legs, weeks }: Pick<LaidBlock, 'legs' | 'weeks'>,
  columns: Columns,
  { top, bottom, range = legsRange([{ legs }]) }: LegsFrame,
): LegsCurve {
  const lows = legs.days.map(low);
  const highs = legs.days.map(high);
  const scale = scaleLinear(range, [bottom, top]);
  const x = (index: number) => dayX(weeks, columns, index);
  const morning = (index: number) => ({ x: x(index), y: scale(legs.days[index]?.value ?? 0) });
  const curve = line<number>(
    (_, index) => x(index),
    (value) => scale(value),
  ).curve(curveMonotoneX);
  const band = area<number>()
    .x((_, index) => x(index))
    .y0((low) => scale(low))
    .y1((_, index) => scale(highs[index] ?? 0))
    .curve(curveMonotoneX);
  let day = 0;
  const heaviest = weeks.find(({ length }) => (day += length) > legs.nadir);
  return {
    curve: curve(legs.days.map(({ value }) => value)) ?? '',
    band: band(lows) ?? '',
    zero: scale(0),
    nadir: { ...morning(legs.nadir), week: heaviest?.number ?? 1 },
    raceDay: morning(legs.days.length - 1),
  };
}
