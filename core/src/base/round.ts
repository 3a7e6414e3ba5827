/**
 * Slack for floating-point noise when an amount is counted in whole steps:
 * 60 350.4 m is exactly 75 half-miles although 60350.4 / 804.672 is not 75.
 */
export const STEP_EPSILON = 1e-7;

/** Largest multiple of `step` not above `amount`. */
export function floorTo(amount: number, step: number): number {
  return clean(Math.floor(amount / step + STEP_EPSILON) * step);
}

/** Smallest multiple of `step` not below `amount`. */
export function ceilTo(amount: number, step: number): number {
  return clean(Math.ceil(amount / step - STEP_EPSILON) * step);
}

/** Nearest multiple of `step`; halves go up. */
export function roundTo(amount: number, step: number): number {
  return clean(Math.floor(amount / step + 0.5 + STEP_EPSILON) * step);
}

/** Drops floating-point dust below a millimetre, and minus zero. */
export function clean(amount: number): number {
  return Math.round(amount * 1000) / 1000 + 0;
}
