import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The athlete’s page: a site of its own under /a/, kept on the phone and read without a line. */
export default defineConfig({
  root: 'athlete',
  base: '/a/',
  plugins: [
    react(),
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      filename: 'offline.js',
      manifestFilename: 'training.webmanifest',
      manifest: {
        name: 'Training',
        short_name: 'Training',
        description: 'Your training block, from your coach.',
        // The link itself is remembered by the device, and is in no file.
        start_url: '/a/',
        scope: '/a/',
        display: 'standalone',
        background_color: '#faf7ee',
        theme_color: '#faf7ee',
        icons: [
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg}'],
        navigateFallback: '/a/index.html',
        cleanupOutdatedCaches: true,
        // A newer page takes the place of the older at once.
        skipWaiting: true,
        clientsClaim: true,
      },
    }),
  ],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: {
    outDir: '../dist/a',
    emptyOutDir: true,
    target: 'es2022',
    modulePreload: { polyfill: false },
  },
});
