import { layOut } from '@nadir/core';
import {
  fewestWeeks,
  highestPeak,
  lowestGrowth,
  nearestBlock,
  placeRecovery,
} from '@nadir/core/solve';
import load from 'highs';
import { longBlock } from './example.mjs';
import { medianMs } from './median.mjs';

const RUNS = 20;

/** Every question to the solver at 24 weeks, against laying the block out once. */
export async function benchSolver() {
  const highs = await load();
  /** @type {import('@nadir/core/solve').Solve} */
  const solve = (program) => {
    const { Status, Columns } = highs.solve(program, { mip_rel_gap: 0.001 });
    const values = Object.entries(Columns).map(([name, column]) => [
      name,
      'Primal' in column ? column.Primal : 0,
    ]);
    return { optimal: Status === 'Optimal', values: Object.fromEntries(values) };
  };
  const block = layOut(longBlock);
  const lay = medianMs(RUNS * 10, () => layOut(longBlock));
  const questions = { nearestBlock, lowestGrowth, highestPeak, fewestWeeks, placeRecovery };
  return Object.entries(questions).map(([name, ask]) => {
    const ms = medianMs(RUNS, () => ask(block, solve));
    return `solver, ${name}, 24 weeks: median ${ms.toFixed(1)} ms, ${(ms / lay).toFixed(0)} × layOut`;
  });
}
