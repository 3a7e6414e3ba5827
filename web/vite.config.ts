import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { firstChunk } from './vite.first-chunk.js';

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
    rolldownOptions: { output: { codeSplitting: { groups: [firstChunk()] } } },
  },
  server: { proxy: { '/api': api, '/health': api } },
});
