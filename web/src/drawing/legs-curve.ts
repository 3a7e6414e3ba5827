import type { LaidBlock } from '@nadir/core';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
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
  const scale = scaleLinear(range, [bottom, top]);
  // A point a day is a few pixels on: straight from one to the next, the eye sees a curve.
  const points = legs.days.map((of, index) => ({ of, x: dayX(weeks, columns, index) }));
  const morning = (index: number) => ({
    x: points[index]?.x ?? columns.labels,
    y: scale(legs.days[index]?.value ?? 0),
  });
  const curve = line<(typeof points)[number]>(
    ({ x }) => x,
    ({ of }) => scale(of.value),
  );
  const band = area<(typeof points)[number]>()
    .x(({ x }) => x)
    .y0(({ of }) => scale(low(of)))
    .y1(({ of }) => scale(high(of)));
  let day = 0;
  const heaviest = weeks.find(({ length }) => (day += length) > legs.nadir);
  return {
    curve: curve(points) ?? '',
    band: band(points) ?? '',
    zero: scale(0),
    nadir: { ...morning(legs.nadir), week: heaviest?.number ?? 1 },
    raceDay: morning(legs.days.length - 1),
  };
}
