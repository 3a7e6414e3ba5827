import { expect, it } from 'vitest';
import { fileName } from './download-block.js';

it.each([
  ['Idris Vale', 'Lantern Bay Marathon', 'idris-vale-lantern-bay-marathon'],
  ['', 'Gullstone 10', 'gullstone-10'],
  ['Åsa / ../etc', '5 km!', 'åsa-etc-5-km'],
  ['', '…', 'block'],
])('names the file of %s, %s', (name, race, file) => {
  const block = {
    format: 'nadir-block' as const,
    version: 3 as const,
    engine: 3,
    athlete: { name },
    race: { name: race, distance: 5000 },
  };
  expect(fileName(block)).toBe(file);
});
