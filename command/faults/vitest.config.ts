import { defineProject } from 'vitest/config';

export default defineProject({
  // Each file starts servers and databases of its own.
  test: {
    name: 'faults',
    include: ['*.test.mjs'],
    testTimeout: 240_000,
    hookTimeout: 120_000,
  },
});
