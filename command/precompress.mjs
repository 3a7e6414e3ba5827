import { readdir, readFile, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/** What is worth it: text of more than a packet. */
const TEXT = /\.(js|css|svg|html|wasm)$/;
const LEAST_BYTES = 1400;

/** Of brotli: the solver’s machine code would take longer for its last tenth than the whole site. */
const QUALITY = { text: constants.BROTLI_MAX_QUALITY, wasm: 9 };

/**
 * Writes a brotli and a gzip file beside every file of text, smaller than a server
 * that compresses while it serves has the time for.
 *
 * @param {string} folder
 * @returns {Promise<number>} how many files were compressed
 */
export async function precompress(folder) {
  const names = await readdir(folder, { recursive: true });
  // All at once: each is compressed in a thread of its own, as many as there are.
  const done = await Promise.all(names.map((name) => compressOne(join(folder, name))));
  return done.filter(Boolean).length;
}

/** @param {string} path @returns {Promise<boolean>} whether it is worth it */
async function compressOne(path) {
  const about = await stat(path);
  if (!about.isFile() || !TEXT.test(path) || about.size < LEAST_BYTES) return false;
  const content = await readFile(path);
  const quality = path.endsWith('.wasm') ? QUALITY.wasm : QUALITY.text;
  const [small, plain] = await Promise.all([
    promisify(brotliCompress)(content, { params: { [constants.BROTLI_PARAM_QUALITY]: quality } }),
    promisify(gzip)(content, { level: constants.Z_BEST_COMPRESSION }),
  ]);
  await Promise.all([writeFile(`${path}.br`, small), writeFile(`${path}.gz`, plain)]);
  return true;
}
