import { defineProject } from 'vitest/config';

export default defineProject({
  resolve: { conditions: ['source'] },
  ssr: { resolve: { conditions: ['source', 'node'] } },
  test: { name: 'contract', include: ['src/**/*.test.ts'], testTimeout: 60_000, isolate: false },
});
