import { STEP_EPSILON } from './round.js';

/**
 * Rounds amounts to whole steps so that they add up, by the largest-remainder
 * rule (Hamilton's method): everyone gets the floor, and the steps still
 * missing go to the largest remainders, the earlier of two equals first.
 *
 * @param amounts canonical amounts (m or s), none negative
 * @param step canonical amount of one shown step
 * @param total steps to share out; the rounded sum when left out
 * @returns whole steps, one an amount; they sum to `total`. Empty in, empty out.
 * @example apportion([3400, 3400, 3200], 1000) // [4, 3, 3], together 10
 */
export function apportion(
  amounts: readonly number[],
  step: number,
  total = roundedSteps(sum(amounts), step),
): number[] {
  const steps = amounts.map((amount) => Math.floor(amount / step + STEP_EPSILON));
  const missing = total - sum(steps);
  // Whole amounts, as most of a block is, leave nothing to share out.
  if (missing <= 0) return steps;
  const byRemainder = amounts
    .map((amount, index) => ({ index, rest: amount / step - (steps[index] ?? 0) }))
    .sort((a, b) => b.rest - a.rest || a.index - b.index);
  for (let given = 0; given < missing && byRemainder.length > 0; given++) {
    const next = byRemainder[given % byRemainder.length];
    if (next) steps[next.index] = (steps[next.index] ?? 0) + 1;
  }
  return steps;
}

/** Whole steps nearest to `amount`; halves go up. */
export function roundedSteps(amount: number, step: number): number {
  return Math.floor(amount / step + 0.5 + STEP_EPSILON);
}

export function sum(numbers: readonly number[]): number {
  let total = 0;
  for (let index = 0; index < numbers.length; index++) total += numbers[index] ?? 0;
  return total;
}
