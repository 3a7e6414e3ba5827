import { readFileSync } from 'node:fs';
import { compiled, layOutIsCompiled } from './build.mjs';

/**
 * A block file that was read: its wishes, and its optional parts.
 *
 * @typedef {object} Read
 * @property {import('@nadir/core/spec').BlockSpec} given
 * @property {import('@nadir/contract').WholeFile['diary']} diary
 * @property {import('@nadir/core/layout').HandedOut[] | undefined} history
 * @property {boolean} json
 */

/**
 * Reads the block file that a command is about.
 *
 * @param {string} word the command, for its usage
 * @param {string[]} words FILE and perhaps `--json`
 * @returns {Promise<string | Read>} what is wrong, or the wishes
 */
export async function readBlock(word, words) {
  const json = words.includes('--json');
  const [file, ...more] = words.filter((each) => each !== '--json');
  if (file === undefined || more.length > 0) return `usage: ./nadir ${word} FILE [--json]`;
  let text;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    const why = error instanceof Error && 'code' in error ? error.code : error;
    return `${file}: cannot be read (${String(why)}).`;
  }
  if (!layOutIsCompiled()) await compiled();
  const contract = await import('@nadir/contract');
  const parsed = contract.readWholeFile(text);
  if (parsed.ok) {
    const { file: block, diary, history } = parsed.value;
    const past = history && contract.historyOf(history);
    // As the application opens it: under defaults that can still be laid out.
    const given = contract.givenOf(contract.forNewBlock(block));
    return { given, diary, history: past, json };
  }
  const [first, ...others] = contract.locate(text, parsed.problems);
  const rest = others.length > 0 ? ` (and ${others.length} more)` : '';
  return `${file}:${first?.line ?? 1}: ${first && contract.problemLine(first)}${rest}`;
}

/**
 * One line on standard error, and the exit code that goes with it.
 *
 * @param {string} line
 */
export function refuse(line) {
  process.stderr.write(`${line}\n`);
  return 2;
}

/** The date here, or the one that is fixed. */
export function today() {
  const now = new Date();
  const two = (/** @type {number} */ part) => String(part).padStart(2, '0');
  return (
    process.env.NADIR_TODAY ??
    `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
  );
}
