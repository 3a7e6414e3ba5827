/**
 * Median milliseconds of `runs` runs, after a tenth as many to warm up.
 *
 * @param {number} runs
 * @param {() => unknown} work
 */
export function medianMs(runs, work) {
  for (let warm = 0; warm < runs / 10; warm++) work();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return middle(times);
}

/**
 * Median milliseconds of several works by turns, so that a machine that slows
 * down meanwhile slows all of them: for their ratio.
 *
 * @param {number} runs
 * @param {readonly (() => unknown)[]} works
 */
export function medianMsByTurns(runs, works) {
  const times = works.map(() => /** @type {number[]} */ ([]));
  for (let run = -runs / 10; run < runs; run++) {
    for (const [index, work] of works.entries()) {
      const from = performance.now();
      work();
      if (run >= 0) times[index]?.push(performance.now() - from);
    }
  }
  return times.map(middle);
}

/**
 * The same for works that are waited for.
 *
 * @param {number} runs
 * @param {readonly (() => Promise<unknown>)[]} works
 */
export async function medianMsByTurnsAsync(runs, works) {
  const times = works.map(() => /** @type {number[]} */ ([]));
  for (let run = -runs / 4; run < runs; run++) {
    for (const [index, work] of works.entries()) {
      const from = performance.now();
      await work();
      if (run >= 0) times[index]?.push(performance.now() - from);
    }
  }
  return times.map(middle);
}

/** @param {number[]} times */
function middle(times) {
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
}

/** @param {readonly number[]} times @param {number} part 0–1 */
export function percentile(times, part) {
  const sorted = [...times].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? NaN;
}
