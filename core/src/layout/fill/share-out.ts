import { apportion, ceilTo, clean, floorTo, sum } from '../../base/index.js';

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
  const fits = total > 0 ? Math.max(1, Math.floor(total / ceilTo(least, step) + 1e-9)) : 0;
  const runs = heaviest(weights, fits);
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

/** Indexes of the heaviest so many, in order. */
function heaviest(weights: readonly number[], count: number): number[] {
  const all = weights.map((_, index) => index);
  if (count >= all.length) return all;
  return all
    .sort((a, b) => (weights[b] ?? 0) - (weights[a] ?? 0) || a - b)
    .slice(0, count)
    .sort((a, b) => a - b);
}

function scale(amounts: readonly number[], total: number): number[] {
  const all = sum(amounts);
  return all > 0 ? amounts.map((amount) => (amount * total) / all) : [...amounts];
}

/** Parts proportional to their weights, clamped, the clamped ones' surplus shared by the rest. */
function spread(total: number, weights: readonly number[], least: number, most: number): number[] {
  const clamped = new Array<number | undefined>(weights.length);
  let parts: number[] = [];
  for (let round = 0; round <= weights.length; round++) {
    let [left, weight] = [total, 0];
    weights.forEach((each, index) => {
      const held = clamped[index];
      if (held === undefined) weight += each;
      else left -= held;
    });
    parts = weights.map((each, index) => clamped[index] ?? (left * each) / weight);
    let [over, under] = [0, 0];
    parts.forEach((part, index) => {
      if (clamped[index] !== undefined) return;
      over += Math.max(0, part - most);
      under += Math.max(0, least - part);
    });
    if (over + under < 1e-6) break;
    parts.forEach((part, index) => {
      if (clamped[index] !== undefined) return;
      if (over >= under && part > most) clamped[index] = most;
      if (over < under && part < least) clamped[index] = least;
    });
  }
  return parts;
}
