import { apportion, sum } from '../units/apportion.js';
import { ceilTo, clean, floorTo } from '../units/round.js';

/**
 * Shares an amount over runs by weight, each between the same least and most,
 * exactly: the parts add up to `total`, in whole steps but for what of `total`
 * is not a whole step, which the largest part carries.
 *
 * Where `least` cannot be had by all, the lightest parts are dropped to zero
 * until it can; where `most` cannot hold the total it gives way evenly.
 *
 * @param total canonical amount, m or s
 * @param weights one a run, above zero
 * @returns one amount a weight, in the same order
 */
export function shareOut(
  total: number,
  weights: readonly number[],
  { least, most, step }: { least: number; most: number; step: number },
): number[] {
  const order = weights
    .map((_, index) => index)
    .sort((a, b) => (weights[b] ?? 0) - (weights[a] ?? 0) || a - b);
  const fits = Math.max(1, Math.floor(total / ceilTo(least, step) + 1e-9));
  const runs =
    total > 0 ? order.slice(0, Math.min(fits, weights.length)).sort((a, b) => a - b) : [];
  const level = spread(
    total,
    runs.map((index) => weights[index] ?? 1),
    Math.min(ceilTo(least, step), total / Math.max(1, runs.length)),
    Math.max(floorTo(most, step), total / Math.max(1, runs.length)),
  );
  const whole = floorTo(total, step);
  const steps = apportion(scale(level, whole), step, Math.round(whole / step));
  const parts = weights.map(() => 0);
  runs.forEach((run, place) => (parts[run] = clean((steps[place] ?? 0) * step)));
  const largest = runs.reduce(
    (best, run) => ((parts[run] ?? 0) > (parts[best] ?? 0) ? run : best),
    runs[0] ?? 0,
  );
  const left = clean(total - sum(parts));
  if (left !== 0 && runs.length > 0) parts[largest] = clean((parts[largest] ?? 0) + left);
  return parts;
}

function scale(amounts: readonly number[], total: number): number[] {
  const all = sum(amounts);
  return all > 0 ? amounts.map((amount) => (amount * total) / all) : [...amounts];
}

/** Parts proportional to their weights, clamped, the clamped ones' surplus shared by the rest. */
function spread(total: number, weights: readonly number[], least: number, most: number): number[] {
  const fixed = new Map<number, number>();
  for (let round = 0; round <= weights.length; round++) {
    const free = weights.map((_, index) => index).filter((index) => !fixed.has(index));
    const left = total - sum([...fixed.values()]);
    const weight = sum(free.map((index) => weights[index] ?? 0));
    const parts = free.map((index) => ({ index, part: (left * (weights[index] ?? 0)) / weight }));
    const over = sum(parts.map(({ part }) => Math.max(0, part - most)));
    const under = sum(parts.map(({ part }) => Math.max(0, least - part)));
    if (over + under < 1e-6) {
      parts.forEach(({ index, part }) => fixed.set(index, part));
      break;
    }
    for (const { index, part } of parts) {
      if (over >= under && part > most) fixed.set(index, most);
      if (over < under && part < least) fixed.set(index, least);
    }
  }
  return weights.map((_, index) => fixed.get(index) ?? 0);
}
