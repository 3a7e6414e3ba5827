import { layOut } from '@nadir/core';
import { medianMs } from './median.mjs';

const RUNS = 2000;

/** Twenty weeks with findings, against a structured clone of its own result. */
export function benchLayOut() {
  const given = {
    athlete: {
      recentWeeks: [52_000, 55_000, 54_000, 57_000],
      results: [{ date: '2026-11-08', distance: 10_000, time: 2430 }],
    },
    race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
    weeks: 20,
    volume: { start: 60_000, peak: 110_000 },
    pins: [{ week: 9, longRun: 30_000 }],
  };
  const block = layOut(given);
  const lay = medianMs(RUNS, () => layOut(given));
  const clone = medianMs(RUNS, () => structuredClone(block));
  return [
    `layOut, ${block.weeks.length} weeks, ${block.findings.length} findings: median ${lay.toFixed(2)} ms, p95 ${p95(given).toFixed(2)} ms`,
    `layOut ÷ structuredClone of its result: ${(lay / clone).toFixed(2)}`,
  ];
}

/** @param {Parameters<typeof layOut>[0]} given */
function p95(given) {
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    layOut(given);
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[Math.floor(RUNS * 0.95)] ?? NaN;
}
