import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import type { VitePWAOptions } from 'vite-plugin-pwa';
import { early } from './vite.early.ts';
import { precompress } from './vite.precompress.ts';
import { LARGEST_CHUNK_KB, quiet } from './vite.quiet.ts';

/** The app as it is installed: every file of it is kept, so that it opens with the network gone. */
const INSTALLED: Partial<VitePWAOptions> = {
  // A new version waits until the old one's tabs are closed: a page never mixes the two.
  registerType: 'prompt',
  // The coach's app asks for it; a player who opens a page on a phone does not fetch all of this.
  injectRegister: false,
  manifest: {
    name: 'Loxos',
    short_name: 'Loxos',
    description: 'Face, path and the flight they make, for golf coaches',
    start_url: '/',
    display: 'standalone',
    background_color: '#f6f1e7',
    theme_color: '#22303a',
    icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,woff2}'],
    maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
    // A player's page is its own app.
    navigateFallbackDenylist: [/^\/api\//, /^\/p\//],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
  },
};

/** Names the API this build speaks: answers kept in a browser by another are not used. */
const API_NAME = createHash('sha256')
  .update(readFileSync(join(import.meta.dirname, 'src/api/schema.gen.ts')))
  .digest('hex')
  .slice(0, 12);

/**
 * What every place of the app stands on, in one file: left to itself it is two dozen small ones, each of which waits
 * for its turn on a slow network.
 */
const GROUND =
  /node_modules\/(react|react-dom|scheduler|react-router|react-is|@tanstack\/(query|react-query)[^/]*|zustand|idb|openapi-fetch|@radix-ui\/react-(menu|dropdown-menu|dialog|slot|popper|focus-scope|presence|portal|primitive)|cmdk|lucide-react|sonner)\//;

export default defineConfig({
  define: { __API__: JSON.stringify(API_NAME) },
  plugins: [react(), tailwindcss(), early('src/early.ts'), VitePWA(INSTALLED), precompress()],
  resolve: { conditions: ['loxos/source', ...defaultClientConditions] },
  build: {
    assetsInlineLimit: 0,
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: LARGEST_CHUNK_KB,
    rolldownOptions: {
      onLog: quiet,
      output: { codeSplitting: { groups: [{ name: 'ground', test: GROUND }] } },
    },
  },
  worker: { format: 'es' },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4180' } },
});
