import { readFileSync } from 'node:fs';
import { compiled, layOutIsCompiled } from './build.mjs';

/**
 * Lays out a block file and prints it, with no server and no database.
 *
 * @param {string[]} words FILE and perhaps `--json`
 * @returns {Promise<number>} 0 when laid out, 2 with one line on standard error when not
 */
export async function layOutFile(words) {
  const json = words.includes('--json');
  const [file, ...more] = words.filter((word) => word !== '--json');
  if (file === undefined || more.length > 0) return refuse('usage: ./nadir lay-out FILE [--json]');
  let text;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    return refuse(
      `${file}: cannot be read (${error instanceof Error && 'code' in error ? error.code : error}).`,
    );
  }
  if (!layOutIsCompiled()) await compiled();
  const contract = await import('@nadir/contract');
  const parsed = contract.readBlockFile(text);
  if (!parsed.ok) {
    const [first, ...others] = contract.locate(text, parsed.problems);
    const rest = others.length > 0 ? ` (and ${others.length} more)` : '';
    return refuse(`${file}:${first?.line ?? 1}: ${first && contract.problemLine(first)}${rest}`);
  }
  const { layOut, withFixes } = await import('@nadir/core');
  const options = { today: today() };
  const block = withFixes(layOut(contract.givenOf(parsed.value), options), options);
  if (json) {
    process.stdout.write(`${JSON.stringify(block, null, 2)}\n`);
  } else {
    const { table } = await import('./table.mjs');
    process.stdout.write(table(block));
  }
  return 0;
}

/** @param {string} line */
function refuse(line) {
  process.stderr.write(`${line}\n`);
  return 2;
}

function today() {
  const now = new Date();
  const two = (/** @type {number} */ part) => String(part).padStart(2, '0');
  return (
    process.env.NADIR_TODAY ??
    `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
  );
}
