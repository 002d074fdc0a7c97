import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { copyFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Servers of plain files that show a page of their own for what they do not have show this one. */
const notFoundPage = (): Plugin => {
  let folder = '';
  return {
    name: 'not-found-page',
    apply: 'build',
    configResolved: ({ root, build: { outDir } }) => {
      folder = resolve(root, outDir);
    },
    closeBundle: {
      order: 'post',
      sequential: true,
      handler: () => copyFileSync(join(folder, 'index.html'), join(folder, '404.html')),
    },
  };
};

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // A new version waits until the maker says so: no one is interrupted while counting.
      registerType: 'prompt',
      injectRegister: false,
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2,woff}'],
        navigateFallback: 'index.html',
        navigateFallbackDenylist: [/\/api\//],
      },
      manifest: {
        name: 'Jubbet',
        short_name: 'Jubbet',
        description: 'Measures, checks and counts essential oil blends for skin with you.',
        lang: 'en-GB',
        display: 'standalone',
        background_color: '#f3f1ea',
        theme_color: '#16203c',
        icons: [
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
    }),
    notFoundPage(),
  ],
  resolve: {
    // Its package gives browsers the form for the oldest of them; this one is smaller.
    alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.mjs' }],
  },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    target: 'es2022',
    // What a screen needs beside its own file it asks for itself; a list of it all would come with
    // the first page. Of the first page it is asked for at once.
    modulePreload: {
      resolveDependencies: (file, needs) => (/Blends|start/.test(file) ? needs : []),
    },
    rolldownOptions: {
      output: {
        // What every screen needs comes in few files, so that a cold start asks seldom.
        codeSplitting: {
          groups: [
            // A file of its own, since it must be run before any that brings schemas.
            { name: 'first', test: /withoutEval/, priority: 9 },
            {
              name: 'react',
              test: /node_modules\/(react|react-dom|scheduler|react-router)\//,
              priority: 5,
            },
            {
              name: 'controls',
              test: /node_modules\/(@headlessui|@floating-ui|@react-aria|@react-stately)\//,
              priority: 3,
            },
            {
              name: 'windows',
              test: /node_modules\/@tanstack\/(react-virtual|virtual-core)\//,
              priority: 4,
            },
            {
              name: 'packages',
              test: /node_modules\/(?!papaparse|fflate|htmlparser2|entities|dom|qrcode|jsqr)/,
              minShareCount: 18,
              priority: 2,
            },
            // Small parts of the first page, which would be some twenty files of their own.
            {
              name: 'small',
              test: /web\/src\/parts\/(OneRecord|BrokenRecord|ErrorDetails|errorNames|Kbd|useKeys|scheme)\.|core\/src\/(quantity\/range|brief\/askedIds|catalog\/isMelted|mixture\/strength)\.|core\/src\/words\/numbers\./,
              priority: 1,
            },
            { name: 'common', test: /web\/src\/(parts|store)\//, minShareCount: 24, priority: 0 },
          ],
        },
      },
    },
  },
  server: {
    host: 'localhost',
    port: 5173,
    // The bench devices are the server’s: `npm start` beside it.
    proxy: { '/api': 'http://localhost:4718' },
  },
});
