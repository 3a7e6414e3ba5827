import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { layOut } from '@nadir/core';
import { describe, expect, it } from 'vitest';
import { givenOf, readBlockFile } from './parse.js';

/* Files as they were once written. One is added with each version; none is ever changed. */
const museum = new URL('museum/', import.meta.url);
const files = readdirSync(museum);
const textOf = (name: string) => readFileSync(new URL(name, museum), 'utf8');

describe('the museum', () => {
  it.each(files)('%s opens, says what it said, and is laid out', (name) => {
    const read = readBlockFile(textOf(name));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const { version, ...said } = JSON.parse(textOf(name)) as { version: number };
    // Files from before defaults had numbers were laid out under the first.
    expect(read.value).toEqual({ engine: 1, ...said, version: 3 });
    expect(name).toMatch(new RegExp(`^v${version}-`));
    expect(layOut(givenOf(read.value)).weeks.length).toBeGreaterThan(3);
  });

  it('has files of every version', () => {
    expect([...new Set(files.map((name) => name.slice(0, 2)))].sort()).toEqual(['v1', 'v2', 'v3']);
  });
});

describe('a published schema', () => {
  it.each([
    [1, '98cd1fb2d4048a41b8874bad826003bf633145c4b2f1e553ea877b23fdc99439'],
    [2, '6e51bfbea9a422c7776207aa654f2e8731339da4929ef011ad55e111b404997e'],
  ])('of version %d never changes', (version, sum) => {
    const path = new URL(`../../../docs/formats/block.v${version}.schema.json`, import.meta.url);
    expect(createHash('sha256').update(readFileSync(path)).digest('hex')).toBe(sum);
  });
});
