import { ceilTo, floorTo, roundTo } from '../../base/index.js';
import { growthLimit } from '../../rules/limits/index.js';
import type { ResolvedSpec, VolumeSpec } from '../../spec/index.js';
import { growthSchools, mostOfARise } from '../schools/index.js';

/** A climb to be sized. Amounts in m or s. */
interface Climb {
  start: number;
  /** Canonical amount to which weeks are rounded. */
  unit: number;
  /** As asked for; one unit a run day is the step where none is. */
  growth: VolumeSpec['growth'];
  isOwnStep: boolean;
  /** Who climbs. */
  of: Pick<ResolvedSpec, 'athlete' | 'start'>;
}

/** How far so many rises of its school lead, each in whole steps under the cap. */
export function reach(climb: Climb, rises: number): number {
  const { start, unit, growth, of } = climb;
  const { steps } = growthSchools[growth.school];
  if (steps) return start + usualStep(climb) * steps(rises, growth);
  // The first of equal rises is the steepest.
  if (growth.school === 'straight-to-peak') {
    return start + mostStep(climb) * Math.min(growth.rises, rises);
  }
  const school = growthSchools[growth.school];
  const { weeks, most } = mostOfARise(growth, of);
  const built = [start];
  for (let taken = 0; taken < rises; taken++) {
    const last = built.at(-1) ?? start;
    const wished = school.next({ last, start, peak: Infinity, taken, needed: Infinity }, growth);
    const capped = Math.min(wished, growthLimit(Math.max(...built.slice(-weeks)), most));
    built.push(wished > last ? Math.max(last, floorTo(capped, unit)) : roundTo(wished, unit));
  }
  return Math.max(...built);
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
function mostStep({ start, unit, growth, of }: Climb): number {
  const most = start * mostOfARise(growth, of).most;
  return floorTo(most, most < unit ? unit / 10 : unit);
}
