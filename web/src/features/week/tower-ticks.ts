import { type Measure, metresPer } from '@nadir/core/base';
import { scaleLinear } from 'd3-scale';
import type { TowerTick } from '../../drawing/DayTower.js';

/** About this many heights are drawn. */
const TICKS = 3;

/** Round heights up to the top of the scale, metres; none for who counts by time: towers are drawn by how far is run. */
export function ticksTo(most: number, { basis, unit }: Measure): TowerTick[] {
  if (basis === 'time') return [];
  const perUnit = metresPer(unit);
  return scaleLinear([0, most / perUnit], [0, 1])
    .ticks(TICKS)
    .filter((tick) => tick > 0)
    .map((tick) => ({ metres: tick * perUnit, label: String(tick) }));
}
