import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { canonicalJson } from '../src/base/index.js';
import { layOut } from '../src/index.js';
import { editsOf, type Edits } from './edits-of.js';
import type { Laid } from './laid.js';

/**
 * Golden edits: every hand and every fix on some of the golden blocks, with its
 * message and a digest of what it changes. Written anew like the blocks.
 */
const FILE = new URL('edits.json.gz', import.meta.url);
const BLOCKS = new URL('blocks.ndjson.gz', import.meta.url);
/** One block in so many. */
const EVERY = 20;

const unpacked = (file: URL) => gunzipSync(readFileSync(file)).toString();
const blocks = unpacked(BLOCKS)
  .trim()
  .split('\n')
  .filter((_, index) => index % EVERY === 0)
  .map((line) => JSON.parse(line) as Laid);

/** What an edit says and a digest of all it gives; or why it fails. */
function told(edit: () => unknown): string {
  const given = edit();
  const digest = createHash('sha256')
    .update(String(canonicalJson(given)))
    .digest('hex');
  const { message = given } = (given ?? {}) as { message?: unknown };
  const words = typeof message === 'string' ? message : '';
  return `${digest.slice(0, 12)} ${words}`.trim();
}

function toldOf({ spec, today, unit, step }: Laid): Record<string, string> {
  const shown = { basis: spec.athlete?.basis ?? 'distance', unit, step } as const;
  const block = layOut(spec, { asOf: today, shown });
  const edits: Edits = editsOf(block, { asOf: today, shown });
  return Object.fromEntries(Object.entries(edits).map(([name, edit]) => [name, told(edit)]));
}

if (process.env.NADIR_GOLDEN !== undefined) {
  it('writes the golden edits', () => {
    const text = JSON.stringify(blocks.map(toldOf));
    writeFileSync(FILE, gzipSync(text, { level: 9, memLevel: 8 }));
  }, 600_000);
}

describe('golden edits', () => {
  it.each(blocks.map((block, index) => ({ block, index })))(
    'say and change what they did: $index',
    ({ block, index }) => {
      const golden = JSON.parse(unpacked(FILE)) as Record<string, string>[];
      expect(toldOf(block)).toEqual(golden[index]);
    },
  );
});
