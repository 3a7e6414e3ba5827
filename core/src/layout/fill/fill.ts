import { clean, floorTo, sum } from '../../base/index.js';

/** What a run is dealt within, and what it weighs against the others. Amounts in m or s. */
export interface Shape {
  weight: number;
  floor: number;
  ceiling: number;
}

/**
 * Deals an amount out to runs, as near to their weights as floors and ceilings
 * let it: the parts add up to `total` exactly, in whole steps but for what of
 * `total` is not a whole step, which the run with the most room carries. What all
 * ceilings together cannot hold is left over.
 *
 * @param total canonical amount, m or s; at least what the floors come to
 * @param order places of the runs, the one to be given a spare step first at the head
 * @returns one amount a run, in the same order
 * @example fill(40_000, [1, 1.1, 0.7 of 4 to 20 km], 1000) // [14, 16, 10] km
 */
export function fill(
  total: number,
  runs: readonly Shape[],
  step: number,
  order: readonly number[] = runs.map((_, index) => index),
): number[] {
  const most = sum(runs.map(({ ceiling }) => ceiling));
  if (total >= most) return runs.map(({ ceiling }) => ceiling);
  const level = leveled(total, runs);
  const parts = level.map((amount) => floorTo(amount, step));
  let spare = Math.round(floorTo(total - sum(parts), step) / step);
  const byRemainder = [...order].sort((a, b) => restOf(b) - restOf(a));
  const hasRoom = (run: number) => (parts[run] ?? 0) + step <= (runs[run]?.ceiling ?? 0) + 1e-6;
  while (spare > 0) {
    const given = spare;
    for (const run of byRemainder) {
      if (spare === 0 || !hasRoom(run)) continue;
      parts[run] = clean((parts[run] ?? 0) + step);
      spare--;
    }
    if (spare === given) break;
  }
  const left = clean(total - sum(parts));
  const widest = order.reduce(
    (best, run) => (roomOf(run) > roomOf(best) ? run : best),
    order[0] ?? 0,
  );
  if (left !== 0 && runs.length > 0) parts[widest] = clean((parts[widest] ?? 0) + left);
  return parts;

  /** In whole thousandths of a step, so that what is alike ties. */
  function restOf(run: number): number {
    return Math.round((1000 * ((level[run] ?? 0) - (parts[run] ?? 0))) / step);
  }
  function roomOf(run: number): number {
    return (runs[run]?.ceiling ?? 0) - (parts[run] ?? 0);
  }
}

/** Parts proportional to their weights, held at floors and ceilings, the rest of them sharing what that leaves. */
function leveled(total: number, runs: readonly Shape[]): number[] {
  const held = new Array<number | undefined>(runs.length);
  let parts: number[] = [];
  for (let round = 0; round <= runs.length; round++) {
    let [left, weight] = [total, 0];
    runs.forEach((run, index) => {
      const at = held[index];
      if (at === undefined) weight += run.weight;
      else left -= at;
    });
    parts = runs.map((run, index) => held[index] ?? (left * run.weight) / weight);
    let [over, under] = [0, 0];
    runs.forEach(({ floor, ceiling }, index) => {
      if (held[index] !== undefined) return;
      over += Math.max(0, (parts[index] ?? 0) - ceiling);
      under += Math.max(0, floor - (parts[index] ?? 0));
    });
    if (over + under < 1e-6) break;
    runs.forEach(({ floor, ceiling }, index) => {
      if (held[index] !== undefined) return;
      if (over >= under && (parts[index] ?? 0) > ceiling) held[index] = ceiling;
      if (over < under && (parts[index] ?? 0) < floor) held[index] = floor;
    });
  }
  return parts;
}
