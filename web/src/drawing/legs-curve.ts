import type { Block } from '@nadir/core/layout/block';
import { legsFigures } from '@nadir/core/present/figures';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { Columns } from './columns.js';
import { dayXs } from './days.js';

/** The part of the drawing below the waterline, in pixels of it. */
export interface LegsCurve {
  curve: string;
  band: string;
  /** A plumb line each week, from day one's height down to the curve. */
  plumbs: string;
  /** Heights of 1, 1.5, 2 … times day one. */
  ticks: { times: number; y: number }[];
  nadir: { x: number; y: number; week: number };
  raceDay: { x: number; y: number };
}

/** Room is kept for at least this much, so that small dips stay small. */
const LEAST_HEAVY = 1.25;
const LEAST_FRESH = 0.9;

/** The axis: every half of day one. */
const TICK = 0.5;

/** Where the legs are drawn. */
export interface LegsFrame {
  top: number;
  bottom: number;
  /** Heaviest and freshest that have room; the block's own when left out. */
  range?: readonly [heaviest: number, freshest: number];
}

type LegsDay = Block['legs']['days'][number];
const light = (day: LegsDay) => Math.min(day.value, day.quick, day.slow);
const heavy = (day: LegsDay) => Math.max(day.value, day.quick, day.slow);

/** In whole steps of this: the scale stands still while a week is dragged a little. */
const RANGE_STEP = 0.05;

/** The heaviest and freshest of blocks that are drawn on one scale. */
export function legsRange(blocks: readonly Pick<Block, 'legs'>[]): [number, number] {
  let [heaviest, freshest] = [LEAST_HEAVY, LEAST_FRESH];
  for (const { legs } of blocks) {
    for (const day of legs.days) {
      heaviest = Math.max(heaviest, heavy(day));
      freshest = Math.min(freshest, light(day));
    }
  }
  return [
    Math.ceil(heaviest / RANGE_STEP - 1e-9) * RANGE_STEP,
    Math.floor(freshest / RANGE_STEP + 1e-9) * RANGE_STEP,
  ];
}

type LegsOf = Pick<Block, 'legs' | 'weeks'>;

export function drawLegs(block: LegsOf, columns: Columns, frame: LegsFrame): LegsCurve {
  const { legs, weeks } = block;
  const scale = legsScale(block, frame);
  const xs = dayXs(weeks, columns);
  const points = pointsOf(legs, xs);
  const morning = (index: number) => ({
    x: xs[index] ?? columns.labels,
    y: scale(legs.days[index]?.value ?? 1),
  });
  const [heaviest = 1] = scale.domain();
  const marks = Math.floor((heaviest - 1) / TICK + 1e-9) + 1;
  return {
    curve: curveOf(points, scale),
    band: bandOf(points, scale),
    plumbs: plumbsOf(block, xs, scale),
    ticks: Array.from({ length: marks }, (_, mark) => {
      const times = 1 + mark * TICK;
      return { times, y: scale(times) };
    }),
    nadir: { ...morning(legs.nadir), week: legsFigures(block).week },
    raceDay: morning(legs.days.length - 1),
  };
}

/** The curve alone. */
export function legsLine(block: LegsOf, columns: Columns, frame: LegsFrame): string {
  return curveOf(pointsOf(block.legs, dayXs(block.weeks, columns)), legsScale(block, frame));
}

type Scale = ReturnType<typeof legsScale>;

/** Straight from one point to the next, the eye sees a curve. */
const POINT_EVERY = 8;

interface Point {
  x: number;
  day: LegsDay;
}

/** Days that are drawn: some pixels apart, the heaviest and the last always. */
function pointsOf({ days, nadir }: Block['legs'], xs: readonly number[]): Point[] {
  const step = Math.max(1, Math.ceil(POINT_EVERY / ((xs[1] ?? 0) - (xs[0] ?? 0))));
  const points: Point[] = [];
  days.forEach((day, index) => {
    const kept = index % step === 0 || index === nadir || index === days.length - 1;
    if (kept) points.push({ x: xs[index] ?? 0, day });
  });
  return points;
}

function curveOf(points: readonly Point[], scale: Scale): string {
  const path = line<Point>(
    ({ x }) => x,
    ({ day }) => scale(day.value),
  );
  return path.digits(1)(points) ?? '';
}

/** The model's doubt. */
function bandOf(points: readonly Point[], scale: Scale): string {
  const path = area<Point>()
    .x(({ x }) => x)
    .y0(({ day }) => scale(light(day)))
    .y1(({ day }) => scale(heavy(day)));
  return path.digits(1)(points) ?? '';
}

/** Sounded on the last morning of every week. */
function plumbsOf({ legs, weeks }: LegsOf, xs: readonly number[], scale: Scale): string {
  let day = -1;
  return weeks
    .map(({ length }) => {
      day += length;
      return `M${(xs[day] ?? 0).toFixed(1)},${scale(1).toFixed(1)}V${scale(legs.days[day]?.value ?? 1).toFixed(1)}`;
    })
    .join('');
}

function legsScale(
  { legs }: Pick<Block, 'legs'>,
  { top, bottom, range = legsRange([{ legs }]) }: LegsFrame,
) {
  return scaleLinear(range, [bottom, top]);
}
