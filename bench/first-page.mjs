import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { build } from 'vite';

const bench = fileURLToPath(new URL('.', import.meta.url));
const webDist = fileURLToPath(new URL('../web/dist/', import.meta.url));

/**
 * Gzip size of the first page's JavaScript, the squad with all it loads, against a bare
 * page; and what a block opened at once comes in.
 */
export async function benchFirstPage() {
  const outDir = mkdtempSync(join(tmpdir(), 'nadir-bare-'));
  try {
    await build({
      root: join(bench, 'bare-page'),
      configFile: false,
      logLevel: 'error',
      plugins: [react()],
      build: { outDir, emptyOutDir: true, target: 'es2022' },
    });
    const bare = sizeOf(outDir, entryOf(outDir)).bytes;
    // The squad and the schemas of its two answers are in the entry's own file (web/chunks.mjs).
    const ours = sizeOf(webDist, entryOf(webDist)).bytes;
    const views = readdirSync(join(webDist, 'assets')).filter((name) =>
      /^BlockPage-.*\.js$/.test(name),
    );
    const block = sizeOf(webDist, [...entryOf(webDist), ...views]);
    return [
      `first page's JavaScript, gzip: ${kb(ours)}; bare page: ${kb(bare)}`,
      `first page ÷ bare page: ${(ours / bare).toFixed(3)}`,
      `a block's JavaScript, gzip: ${kb(block.bytes)} in ${block.files} files`,
    ];
  } finally {
    rmSync(outDir, { recursive: true, force: true });
  }
}

/** @param {string} folder */
function entryOf(folder) {
  const html = readFileSync(join(folder, 'index.html'), 'utf8');
  return [...html.matchAll(/assets\/([\w.-]+\.js)/g)].map(([, name]) => name);
}

/**
 * The files and all they import at once, each counted once.
 *
 * @param {string} folder
 * @param {string[]} first
 */
function sizeOf(folder, first) {
  const seen = new Set();
  let bytes = 0;
  const visit = (/** @type {string} */ name) => {
    if (seen.has(name)) return;
    seen.add(name);
    const text = readFileSync(join(folder, 'assets', name), 'utf8');
    bytes += gzipSync(text).length;
    const imports = text.matchAll(/(?:import|from)\s*"\.\/([\w.-]+\.js)"/g);
    for (const [, imported] of imports) visit(imported);
  };
  first.forEach(visit);
  return { bytes, files: seen.size };
}

/** @param {number} bytes */
function kb(bytes) {
  return `${(bytes / 1024).toFixed(1)} kB`;
}
