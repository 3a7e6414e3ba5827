import { defineProject } from 'vitest/config';

export default defineProject({
  test: { name: 'command', include: ['*.test.mjs'], testTimeout: 60_000 },
});
