import { print } from './print.mjs';
import { readBlock, refuse, today } from './read-block.mjs';

/**
 * Lays out a block file and prints it, with no server and no database.
 *
 * @param {string[]} words FILE and perhaps `--json`
 * @returns {Promise<number>} 0 when laid out, 2 with one line on standard error when not
 */
export async function layOutFile(words) {
  const read = await readBlock('lay-out', words);
  if (typeof read === 'string') return refuse(read);
  const { findingsWithFixes, layOut } = await import('@nadir/core');
  const options = { asOf: today(), history: read.history, record: read.diary?.entries };
  const laid = layOut(read.given, options);
  const block = { ...laid, findings: findingsWithFixes(laid, options) };
  if (read.json) {
    print(`${JSON.stringify(block, null, 2)}\n`);
  } else {
    const { table } = await import('./table.mjs');
    print(table(block));
  }
  return 0;
}
