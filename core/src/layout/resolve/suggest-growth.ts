import { ceilTo, floorTo } from '../../base/index.js';
import { growthLimit } from '../../rules/index.js';
import type { VolumeSpec } from '../../spec/index.js';
import { growthSchools, mostOfARise } from '../schools/index.js';

/** A climb to be sized. Amounts in m or s. */
interface Climb {
  start: number;
  /** Canonical amount to which weeks are rounded. */
  unit: number;
  /** As asked for; one unit a run day is the step where none is. */
  growth: VolumeSpec['growth'];
  isOwnStep: boolean;
}

/** How far so many rises of its school lead, each in whole steps under the cap. */
export function reach(climb: Climb, rises: number): number {
  const { start, unit, growth } = climb;
  const { steps } = growthSchools[growth.school];
  if (steps) return start + usualStep(climb) * steps(rises, growth);
  // The first of equal rises is the steepest.
  if (growth.school === 'straight-to-peak') {
    return start + mostStep(climb) * Math.min(growth.rises, rises);
  }
  let volume = start;
  for (let rise = 0; rise < rises; rise++) {
    volume = Math.max(volume, floorTo(growthLimit(volume, growth.cap), unit));
  }
  return volume;
}

/**
 * The step of a school that grows by steps: as large as brings the block to its peak in
 * time, and no more than the cap lets the first one be.
 *
 * @example 55 to 80 km in six rises: 25 / 6, in whole kilometres 5
 */
export function suggestStep(
  climb: Climb & { peak: number; isOwnPeak: boolean },
  countRises: () => number,
): number {
  const { start, peak, unit, growth, isOwnStep, isOwnPeak } = climb;
  const { steps } = growthSchools[growth.school];
  if (isOwnStep || !steps) return growth.step;
  const most = isOwnPeak ? mostStep(climb) : usualStep(climb);
  const count = steps(countRises(), growth);
  if (count === 0 || peak <= start) return most;
  return Math.min(most, Math.max(unit / 10, ceilTo((peak - start) / count, unit)));
}

function usualStep(climb: Climb): number {
  return climb.isOwnStep ? climb.growth.step : Math.min(climb.growth.step, mostStep(climb));
}

/** In whole units; in tenths of them where the cap allows less than one. */
function mostStep({ start, unit, growth }: Climb): number {
  const most = start * mostOfARise(growth).most;
  return floorTo(most, most < unit ? unit / 10 : unit);
}
