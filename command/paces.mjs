import { readBlock, refuse, today } from './read-block.mjs';

/**
 * Prints the paces of a block file, and what they rest on.
 *
 * @param {string[]} words FILE and perhaps `--json`
 * @returns {Promise<number>} 0 when printed, 2 with one line on standard error when not
 */
export async function pacesOfFile(words) {
  const read = await readBlock('paces', words);
  if (typeof read === 'string') return refuse(read);
  const core = await import('@nadir/core');
  const { wishes } = core.settle(read.given);
  const rules = core.rulesOf(wishes);
  const now = today();
  const day = now > wishes.start && now < wishes.race.date ? now : wishes.start;
  const distances = [...new Set([...core.standardDistances, ...wishes.paces.distances])].sort(
    (a, b) => a - b,
  );
  const found = {
    paces: core.pacesOn(wishes, rules, day),
    models: core.equivalentsOn(wishes, rules, day, distances),
    gap: core.goalGap(wishes, rules, day),
    distances,
  };
  if (read.json) {
    process.stdout.write(`${JSON.stringify(found, null, 2)}\n`);
  } else {
    const { pacesTable } = await import('./paces-table.mjs');
    process.stdout.write(pacesTable(core, wishes, found));
  }
  return 0;
}
