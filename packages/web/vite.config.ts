import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const server = `http://127.0.0.1:${process.env['KIVEX_PORT'] ?? '4180'}`;

export default defineConfig({
  plugins: [
    react(),
    // The shell is kept on the device, so that a bench reloaded without a network still opens.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/live\//],
      },
      manifest: {
        name: 'Kivex',
        short_name: 'Kivex',
        description: 'Class practicals on identification tests',
        lang: 'en-GB',
        start_url: '/',
        display: 'standalone',
        background_color: '#e2e9ee',
        theme_color: '#16233a',
        icons: [{ src: '/kivex.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
    }),
  ],
  build: { target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 500 },
  server: { port: 4181, strictPort: true, proxy: { '/api': server, '/live': { target: server, ws: true } } },
});
