import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyDayFor, anySpec } from '../src/testing/any-spec.js';
import { type Laid, laidOf, textOf } from './laid.js';

/**
 * Golden blocks: 500 specs over the whole space of inputs, each with its block
 * as a table of days and a digest of all there is to say of it. A change that
 * is to move no day leaves them equal to the byte; one that is to move some
 * writes them anew (`npm run golden`) and says in its commit which and why.
 */
const FILE = new URL('blocks.ndjson.gz', import.meta.url);
const BLOCKS = 500;
const SEED = 20270418;
/** Fixes are tried out one by one: of one block in so many. */
const FIXES_EVERY = 25;

interface Golden extends Laid {
  digest: string;
  table: string[];
}

const digestOf = (text: string) => createHash('sha256').update(text).digest('hex').slice(0, 32);

const write = process.env.NADIR_GOLDEN;
if (write !== undefined) {
  it('writes the golden blocks', () => {
    const drawn = anySpec.chain((spec) =>
      fc.record({
        spec: fc.constant(spec),
        today: fc.oneof(anyDayFor(spec), fc.constant(undefined)),
        unit: fc.constantFrom('km' as const, 'mi' as const),
        step: fc.constantFrom(1 as const, 0.5 as const, 0.1 as const),
      }),
    );
    // The specs stay as they are unless they are drawn anew: the space has grown.
    const specs: Laid[] =
      write === 'draw' ? fc.sample(drawn, { numRuns: BLOCKS, seed: SEED }) : kept();
    const lines = specs.map(({ spec, today, unit, step }, index) => {
      const one = { spec, today, unit, step };
      const { table, whole } = laidOf(one, index % FIXES_EVERY === 0);
      return JSON.stringify({ ...one, digest: digestOf(whole), table } satisfies Golden);
    });
    writeFileSync(FILE, gzipSync(`${lines.join('\n')}\n`, { level: 9, memLevel: 8 }));
  }, 600_000);
}

function kept(): Golden[] {
  const lines = gunzipSync(readFileSync(FILE)).toString().trim().split('\n');
  return lines.map((line) => JSON.parse(line) as Golden);
}

/** A mutant is held against a quarter of them: all of them would take it a day. */
const TAKEN = process.env.NADIR_MUTATE === undefined ? 1 : 4;
/** Blocks of one test. */
const TOGETHER = 50;

describe('the golden blocks', () => {
  it(`are ${BLOCKS}`, () => {
    expect(kept()).toHaveLength(BLOCKS);
  });

  it.each(Array.from({ length: BLOCKS / TOGETHER }, (_, at) => at * TOGETHER))(
    'are laid out as they were, from number %i on',
    (from) => {
      const group = kept().slice(from, from + TOGETHER);
      const moved = group.flatMap((one, at) => (at % TAKEN === 0 ? movedOf(one, from + at) : []));
      expect(moved).toEqual([]);
    },
    600_000,
  );
});

/** Where a block is no longer as it was kept. */
function movedOf(one: Golden, index: number): string[] {
  const dump = process.env.NADIR_GOLDEN_DUMP;
  const { table, whole } = laidOf(one, index % FIXES_EVERY === 0);
  if (dump !== undefined) writeFileSync(`${dump}/${index}.json`, textOf(whole));
  if (digestOf(whole) === one.digest) return [];
  const place = table.findIndex((row, at) => row !== one.table[at]);
  const row =
    place < 0
      ? 'the same days, said otherwise'
      : `was ${one.table[place] ?? ''}, is ${table[place] ?? ''}`;
  return [`block ${index}: ${row}`];
}
