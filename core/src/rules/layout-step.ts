import { type Basis, shownUnit, type Unit } from '../base/index.js';
import type { HouseRules } from './house-rules.js';

/**
 * Canonical amount, m or s, in whole multiples of which a block is laid out. Sessions
 * are written in whole seconds and metres: what is finer would not add up to its week.
 */
export function layoutStep(athlete: { basis: Basis; unit: Unit }, rules: HouseRules): number {
  const unit = shownUnit(athlete);
  const step = unit * rules.layoutStep[athlete.basis];
  return Number.isInteger(unit) ? Math.round(step) : step;
}
