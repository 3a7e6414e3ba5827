import { apportion, sum } from '../../base/index.js';

/**
 * Scales weights to `weeks` whole weeks, at least one week each while there
 * are enough, by largest remainder. With fewer weeks than parts the first
 * parts get the weeks.
 *
 * @example scaleWeeks([5, 4, 4], 15) // [6, 5, 4]: 5.77, 4.62, 4.62
 */
export function scaleWeeks(weights: readonly number[], weeks: number): number[] {
  if (weeks <= weights.length) return weights.map((_, index) => (index < weeks ? 1 : 0));
  const spare = weeks - weights.length;
  const total = sum(weights);
  const wanted = weights.map((weight) => Math.max(0, (weeks * weight) / total - 1));
  const scale = spare / sum(wanted);
  return apportion(
    wanted.map((extra) => extra * scale),
    1,
    spare,
  ).map((extra) => extra + 1);
}
