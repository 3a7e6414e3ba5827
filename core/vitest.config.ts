import { defineProject } from 'vitest/config';

/** The slow properties: a mutant is held against the worked examples and the golden ones. */
const slow = [
  'src/{lay-out,history}.test.ts',
  'src/paces/properties.test.ts',
  'src/review/review.test.ts',
  'src/solve/solve.test.ts',
  'src/spec/compose.test.ts',
  'src/present/athlete-page/athlete-page.test.ts',
];
/** Try every hand and every fix on many specs: only their own folder is told something by it. */
const edits = ['golden/edits.test.ts', 'src/edit/fixes/fixes-of.test.ts'];
const mutated = process.env.NADIR_MUTATE;
const blocks = 'golden/golden.test.ts';
const leftOut = mutated?.startsWith('edit') ? [...slow, blocks] : [...slow, ...edits];

export default defineProject({
  // Pure functions: the files may share one world.
  test: {
    name: 'core',
    include: ['{src,golden}/**/*.test.ts'],
    exclude: mutated === undefined ? [] : leftOut,
    // A property draws hundreds of blocks: slow machines take minutes for what takes seconds.
    testTimeout: 300_000,
    isolate: false,
    // Blocks are laid out by the thousand and gone at once: most are never copied on.
    execArgv: ['--min-semi-space-size=64', '--max-semi-space-size=64', '--single-threaded-gc'],
    provide: { fuzzTimes: Number(process.env.NADIR_FUZZ_TIMES ?? 1) },
  },
});
