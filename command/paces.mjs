import { print } from './print.mjs';
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
  const { equivalentsOn, goalGap, pacesOn, standardDistances } = await import('@nadir/core/paces');
  const { resolveSpec } = await import('@nadir/core/layout');
  const { rulesOf } = await import('@nadir/core/rules');
  const spec = resolveSpec(read.given);
  const rules = rulesOf(spec);
  const now = today();
  const day = now > spec.start && now < spec.race.date ? now : spec.start;
  const distances = [...new Set([...standardDistances, ...spec.paces.distances])].sort(
    (a, b) => a - b,
  );
  const found = {
    paces: pacesOn(spec, rules, day),
    models: equivalentsOn(spec, rules, day, distances),
    gap: goalGap(spec, rules, day),
    distances,
  };
  if (read.json) {
    print(`${JSON.stringify(found, null, 2)}\n`);
  } else {
    const { pacesTable } = await import('./paces-table.mjs');
    print(pacesTable(spec, found));
  }
  return 0;
}
