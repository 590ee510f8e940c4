import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { filesKept, keptAddresses, type Chunk } from './src/kept-on-devices.ts';

/** Files of pages that open without a network; known once all are built. */
let kept: ReadonlySet<string> = new Set();
const whatIsKept: Plugin = {
  name: 'what a device keeps',
  generateBundle(_, bundle) {
    kept = filesKept(
      new Map(
        Object.entries(bundle).flatMap(([file, part]) =>
          part.type === 'chunk' ? [[file, part as Chunk]] : [],
        ),
      ),
    );
  },
};

const server = `http://127.0.0.1:${process.env['KIVEX_PORT'] ?? '4180'}`;

export default defineConfig({
  plugins: [
    react(),
    whatIsKept,
    // The pages of students are kept on the device, so that a bench reloaded without a network still opens.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        manifestTransforms: [
          (files) => ({
            manifest: files.filter(({ url }) => !url.endsWith('.js') || kept.has(url)),
            warnings: [],
          }),
        ],
        navigateFallback: '/index.html',
        navigateFallbackAllowlist: keptAddresses,
        // A page of staff is not kept: it begins with what the server has, since what it needs next is there only.
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) =>
              request.mode === 'navigate' && !/^\/(api|live)\//.test(url.pathname),
            handler: 'NetworkOnly',
            options: { precacheFallback: { fallbackURL: '/index.html' } },
          },
        ],
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
  build: {
    target: 'es2022',
    // Browsers of the last years do it by themselves; those before only ask a little later.
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 500,
    rolldownOptions: {
      output: {
        // By its own leave a shared file is named after all pages that share it.
        chunkFileNames: ({ name }) => `assets/${name.startsWith('shared') ? 'shared' : '[name]'}-[hash].js`,
        codeSplitting: {
          // A file costs a slow device some milliseconds to ask for, however small: what is wanted together is one.
          groups: [
            { name: 'start', test: /src\/main\.tsx$/, priority: 4 },
            { name: 'first-bench', test: /src\/bench\/(Join|Bench)Page\.tsx$/, priority: 3 },
            {
              name: 'bench-places',
              test: /src\/bench\/(Method|Pad|Naming|HandIn|OthersHere|WhoWrites)\.tsx$/,
              priority: 2,
            },
            { name: 'staff', test: /src\/kit\/shell\/(StaffRoot|Shell)\.tsx$/, priority: 1 },
            // Of all else that several pages use, what the same pages use; small ones go with those most like them.
            { name: 'shared', minShareCount: 2, entriesAware: true, entriesAwareMergeThreshold: 6000 },
          ],
        },
      },
    },
  },
  server: { port: 4181, strictPort: true, proxy: { '/api': server, '/live': { target: server, ws: true } } },
});
