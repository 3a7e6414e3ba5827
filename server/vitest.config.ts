import { defineProject } from 'vitest/config';

export default defineProject({
  resolve: { conditions: ['source'] },
  ssr: { resolve: { conditions: ['source', 'node'] } },
  test: { name: 'server', include: ['src/**/*.test.ts'], testTimeout: 20_000, hookTimeout: 30_000 },
});
