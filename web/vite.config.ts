import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

/** In development the API is the server's; set NADIR_API to its address. */
const api = process.env.NADIR_API ?? 'http://127.0.0.1:3000';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: { target: 'es2022', sourcemap: process.env.NADIR_SOURCE_MAPS === '1' },
  server: { proxy: { '/api': api, '/health': api } },
});
