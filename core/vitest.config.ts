import { defineProject } from 'vitest/config';

export default defineProject({
  // Pure functions: the files may share one world.
  test: {
    name: 'core',
    include: ['{src,golden}/**/*.test.ts'],
    testTimeout: 60_000,
    isolate: false,
  },
});
