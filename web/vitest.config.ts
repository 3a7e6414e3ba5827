import react from '@vitejs/plugin-react';
import { defineProject } from 'vitest/config';

export default defineProject({
  plugins: [react()],
  resolve: { conditions: ['source', 'browser', 'module'] },
  ssr: { resolve: { conditions: ['source', 'node'] } },
  test: {
    name: 'web',
    environment: 'jsdom',
    setupFiles: 'src/testing/page-setup.ts',
    // One page for all files of a worker: setting it up anew took longer than the tests.
    isolate: false,
    unstubGlobals: true,
    // The contrast of its colours is worked out.
    css: { include: [/tokens\.css/] },
    include: ['src/**/*.test.{ts,tsx}'],
    testTimeout: 60_000,
  },
});
