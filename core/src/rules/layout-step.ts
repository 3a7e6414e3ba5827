import { type Basis, shownUnit, type Unit } from '../base/index.js';
import type { HouseRules } from './house-rules.js';

/** Canonical amount, m or s, in whole multiples of which a block is laid out. */
export function layoutStep(athlete: { basis: Basis; unit: Unit }, rules: HouseRules): number {
  return shownUnit(athlete) * rules.layoutStep[athlete.basis];
}
