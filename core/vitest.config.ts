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
/** Tries every fix of every spec: only its own folder is told something by it. */
const fixes = 'src/edit/fixes/fixes-of.test.ts';
const mutated = process.env.NADIR_MUTATE;
const leftOut = mutated?.startsWith('edit') ? slow : [...slow, fixes];

export default defineProject({
  // Pure functions: the files may share one world.
  test: {
    name: 'core',
    include: ['{src,golden}/**/*.test.ts'],
    exclude: mutated === undefined ? [] : leftOut,
    testTimeout: 60_000,
    isolate: false,
  },
});
