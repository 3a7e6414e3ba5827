import { newestEngine } from '@nadir/core/rules';
import { expect, it } from 'vitest';
import { forNewBlock } from './for-new-block.js';
import { blockFile } from './schema.js';

const race = { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 };

it('takes a file of an older layout up to the newest, and leaves one of today as it is', () => {
  const old = blockFile.parse({ format: 'nadir-block', version: 3, engine: 1, race });
  expect(forNewBlock(old)).toEqual({ ...old, engine: newestEngine });
  const now = blockFile.parse({ format: 'nadir-block', version: 3, race });
  expect(forNewBlock(now)).toBe(now);
});
