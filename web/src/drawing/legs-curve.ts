import type { LaidBlock } from '@nadir/core';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { Columns } from './columns.js';
import { dayXs } from './days.js';

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

/** In whole steps of this: the scale stands still while a week is dragged a little. */
const RANGE_STEP = 0.05;

/** The heaviest and freshest of blocks that are drawn on one scale. */
export function legsRange(blocks: readonly Pick<LaidBlock, 'legs'>[]): [number, number] {
  let [heaviest, freshest] = [LEAST_DEPTH, 0.1];
  for (const { legs } of blocks) {
    for (const day of legs.days) {
      heaviest = Math.min(heaviest, low(day));
      freshest = Math.max(freshest, high(day));
    }
  }
  return [
    Math.floor(heaviest / RANGE_STEP + 1e-9) * RANGE_STEP,
    Math.ceil(freshest / RANGE_STEP - 1e-9) * RANGE_STEP,
  ];
}

type LegsOf = Pick<LaidBlock, 'legs' | 'weeks'>;

export function drawLegs(block: LegsOf, columns: Columns, frame: LegsFrame): LegsCurve {
  const { legs, weeks } = block;
  const scale = legsScale(block, frame);
  const xs = dayXs(weeks, columns);
  const morning = (index: number) => ({
    x: xs[index] ?? columns.labels,
    y: scale(legs.days[index]?.value ?? 0),
  });
  let day = 0;
  const heaviest = weeks.find(({ length }) => (day += length) > legs.nadir);
  return {
    curve: curveOf(legs.days, xs, scale),
    band: bandOf(legs.days, xs, scale),
    zero: scale(0),
    nadir: { ...morning(legs.nadir), week: heaviest?.number ?? 1 },
    raceDay: morning(legs.days.length - 1),
  };
}

/** The curve alone, day by day. */
export function legsLine(block: LegsOf, columns: Columns, frame: LegsFrame): string {
  return curveOf(block.legs.days, dayXs(block.weeks, columns), legsScale(block, frame));
}

type Scale = ReturnType<typeof legsScale>;

function curveOf(days: readonly LegsDay[], xs: readonly number[], scale: Scale): string {
  const path = line<LegsDay>(
    (_, index) => xs[index] ?? 0,
    ({ value }) => scale(value),
  );
  return path.digits(1)(days) ?? '';
}

/** The model's doubt; what is drawn this pale needs a point every other day only. */
function bandOf(days: readonly LegsDay[], xs: readonly number[], scale: Scale): string {
  const places = days.flatMap((_, index) =>
    index % 2 === 0 || index === days.length - 1 ? [index] : [],
  );
  const at = (index: number) => days[index] ?? { value: 0, quick: 0, slow: 0 };
  const path = area<number>()
    .x((index) => xs[index] ?? 0)
    .y0((index) => scale(low(at(index))))
    .y1((index) => scale(high(at(index))));
  return path.digits(1)(places) ?? '';
}

function legsScale(
  { legs }: Pick<LaidBlock, 'legs'>,
  { top, bottom, range = legsRange([{ legs }]) }: LegsFrame,
) {
  return scaleLinear(range, [bottom, top]);
}
