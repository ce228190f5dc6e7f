// The player's page: an app of its own, of which nothing is the coach's, small enough for a phone at the range.
import tailwindcss from '@tailwindcss/vite';
import { defaultClientConditions, defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import type { VitePWAOptions } from 'vite-plugin-pwa';
import { precompress } from './vite.precompress.ts';
import { LARGEST_CHUNK_KB, quiet } from './vite.quiet.ts';

/** Kept on the phone once it was opened. */
const KEPT: Partial<VitePWAOptions> = {
  filename: 'page-sw.js',
  scope: '/p/',
  registerType: 'autoUpdate',
  injectRegister: false,
  manifest: false,
  workbox: {
    globPatterns: ['page.html', 'page/*.{js,css,woff2}', 'mark.svg'],
    // A PDF is fetched when it is asked for, the coach's buttons never.
    globIgnores: ['page/*pdf*', 'page/vfs*', 'page/Save*', 'page/StationPdf*'],
    navigateFallback: '/page.html',
    navigateFallbackAllowlist: [/^\/p\//],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: true,
  },
};

export default defineConfig({
  plugins: [tailwindcss(), VitePWA(KEPT), precompress()],
  resolve: {
    conditions: ['loxos/source', ...defaultClientConditions],
    // React's own runtime would be all of what such a page may weigh; this one is made to stand in for it.
    alias: [
      { find: 'react/jsx-runtime', replacement: 'preact/jsx-runtime' },
      { find: 'react-dom/client', replacement: 'preact/compat/client' },
      { find: /^react(?:-dom)?$/, replacement: 'preact/compat' },
    ],
  },
  build: {
    emptyOutDir: false,
    copyPublicDir: false,
    assetsDir: 'page',
    assetsInlineLimit: 0,
    target: 'es2022',
    chunkSizeWarningLimit: LARGEST_CHUNK_KB,
    rolldownOptions: { onLog: quiet, input: 'page.html' },
  },
});
