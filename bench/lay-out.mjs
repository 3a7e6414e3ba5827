import { fixesOf, layOut } from '@nadir/core';
import { longBlock } from './example.mjs';
import { medianMs, medianMsByTurns, percentile } from './median.mjs';

const RUNS = 2000;
const MENDINGS = 100;

/** Laying out with every check, against a structured clone of its own result; and mending one finding. */
export function benchLayOut() {
  const block = layOut(longBlock);
  const [finding] = block.findings;
  const [lay = NaN, alone = NaN, clone = NaN] = medianMsByTurns(RUNS, [
    layAndCheck,
    () => layOut(longBlock),
    () => structuredClone(block),
  ]);
  const mend = finding ? medianMs(MENDINGS, () => fixesOf(block, finding)) : NaN;
  return [
    `layOut and checks, ${block.weeks.length} weeks, ${block.findings.length} findings: median ${lay.toFixed(2)} ms, p95 ${p95().toFixed(2)} ms`,
    `layOut without the checks: median ${alone.toFixed(2)} ms`,
    `layOut and checks ÷ structuredClone of its result: ${(lay / clone).toFixed(2)}`,
    `fixes of one finding, each tried out: median ${mend.toFixed(1)} ms, ${(mend / lay).toFixed(1)} × layOut`,
  ];
}

/** The checks are run when the findings are asked for. */
function layAndCheck() {
  return layOut(longBlock).findings.length;
}

function p95() {
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    layAndCheck();
    return performance.now() - from;
  });
  return percentile(times, 0.95);
}
