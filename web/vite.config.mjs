import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { sharedChunks } from './chunks.mjs';

/** In development the API is the server's; set NADIR_API to its address. */
const api = process.env.NADIR_API ?? 'http://127.0.0.1:3000';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: {
    target: 'es2022',
    // Every browser of the target preloads by itself.
    modulePreload: { polyfill: false },
    sourcemap: process.env.NADIR_SOURCE_MAPS === '1',
    rolldownOptions: {
      // Words stand where they are shown, not in the chunk of whoever needs one of them first.
      optimization: { inlineConst: { mode: 'all', pass: 2 } },
      output: {
        codeSplitting: { groups: sharedChunks() },
        // A piece is named after all who share it; its content says enough.
        chunkFileNames: ({ name }) => `assets/${name.split('~', 1)[0]}-[hash].js`,
      },
    },
  },
  server: { proxy: { '/api': api, '/health': api } },
});
