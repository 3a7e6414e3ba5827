import { defineConfig } from 'vitest/config';

export default defineConfig({
  // Every core: what waits for a database or a clock leaves it to the others.
  test: {
    maxWorkers: '100%',
    projects: ['core', 'contract', 'server', 'web', 'command', 'command/faults'],
  },
});
