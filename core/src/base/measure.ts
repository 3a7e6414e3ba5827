/** What a block is counted by. Canonical amounts: metres by distance, seconds by time. */
export const bases = ['distance', 'time'] as const;
export type Basis = (typeof bases)[number];

export const units = ['km', 'mi'] as const;
export type Unit = (typeof units)[number];

/** The steps in which figures may be shown, in the shown unit. */
export const shownSteps = [1, 0.5, 0.1] as const;
export type ShownStep = (typeof shownSteps)[number];

const METRES_PER_KM = 1000;
/** International mile, exact by definition (1959 agreement). */
export const METRES_PER_MILE = 1609.344;
const SECONDS_PER_MINUTE = 60;

/** How amounts are shown: kilometres, miles or minutes, in steps. */
export interface Measure {
  basis: Basis;
  unit: Unit;
  step: ShownStep;
}

export function metresPer(unit: Unit): number {
  return unit === 'mi' ? METRES_PER_MILE : METRES_PER_KM;
}

/** Canonical amount (m or s) of one shown unit: a kilometre, a mile or a minute. */
export function shownUnit(measure: Pick<Measure, 'basis' | 'unit'>): number {
  return measure.basis === 'time' ? SECONDS_PER_MINUTE : metresPer(measure.unit);
}

/** Canonical amount (m or s) of one shown step: `{km, 0.5}` → 500. */
export function quantum(measure: Measure): number {
  return shownUnit(measure) * measure.step;
}

/** The unit's short name as it stands in a heading: `km`, `mi` or `min`. */
export function unitName(measure: Pick<Measure, 'basis' | 'unit'>): Unit | 'min' {
  return measure.basis === 'time' ? 'min' : measure.unit;
}
