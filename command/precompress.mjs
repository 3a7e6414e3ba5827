import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

/** What is worth it: text of more than a packet. */
const TEXT = /\.(js|css|svg|html|wasm)$/;
const LEAST_BYTES = 1400;

/**
 * Writes a brotli and a gzip file beside every file of text, as small as each can
 * be: a server that compresses while it serves has no time for that.
 *
 * @param {string} folder
 * @returns {number} how many files were compressed
 */
export function precompress(folder) {
  let count = 0;
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) {
      count += precompress(path);
      continue;
    }
    if (!TEXT.test(name) || statSync(path).size < LEAST_BYTES) continue;
    const content = readFileSync(path);
    const quality = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY };
    writeFileSync(`${path}.br`, brotliCompressSync(content, { params: quality }));
    writeFileSync(`${path}.gz`, gzipSync(content, { level: constants.Z_BEST_COMPRESSION }));
    count += 1;
  }
  return count;
}
