import { defineProject } from 'vitest/config';

/** The slow properties: a mutant is held against the worked examples alone. */
const slow = [
  'golden/**',
  'src/{lay-out,history}.test.ts',
  'src/paces/properties.test.ts',
  'src/review/review.test.ts',
  'src/solve/solve.test.ts',
  'src/spec/compose.test.ts',
  'src/present/athlete-page/athlete-page.test.ts',
];

export default defineProject({
  // Pure functions: the files may share one world.
  test: {
    name: 'core',
    include: ['{src,golden}/**/*.test.ts'],
    exclude: process.env.NADIR_MUTATE === '1' ? slow : [],
    testTimeout: 60_000,
    isolate: false,
  },
});
