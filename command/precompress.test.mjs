import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { expect, it } from 'vitest';
import { precompress } from './precompress.mjs';

it('writes what decompresses to the file itself, beside text that is worth it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'nadir-precompress-'));
  try {
    const text = 'export const week = 9;\n'.repeat(200);
    mkdirSync(join(folder, 'assets'));
    writeFileSync(join(folder, 'assets', 'page.js'), text);
    writeFileSync(join(folder, 'small.css'), 'a{}');
    writeFileSync(join(folder, 'face.woff2'), text);
    expect(await precompress(folder)).toBe(1);
    const page = join(folder, 'assets', 'page.js');
    expect(brotliDecompressSync(readFileSync(`${page}.br`)).toString()).toBe(text);
    expect(gunzipSync(readFileSync(`${page}.gz`)).toString()).toBe(text);
    expect(existsSync(join(folder, 'small.css.br'))).toBe(false);
    expect(existsSync(join(folder, 'face.woff2.br'))).toBe(false);
  } finally {
    rmSync(folder, { recursive: true });
  }
});
