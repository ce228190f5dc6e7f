import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import type { Plugin } from 'vite';

/** Files below this, bytes, are not worth compressing ahead. */
const COMPRESS_FROM_BYTES = 1024;

/** Writes .br and .gz beside each text file, for the server to hand out as they are. */
function precompress(): Plugin {
  return {
    name: 'precompress',
    apply: 'build',
    generateBundle(_options, bundle) {
      for (const file of Object.values(bundle)) {
        if (!/\.(?:js|css|svg)$/.test(file.fileName)) continue;
        const source = Buffer.from(file.type === 'chunk' ? file.code : file.source);
        if (source.length < COMPRESS_FROM_BYTES) continue;
        const params = { [constants.BROTLI_PARAM_QUALITY]: 9 };
        const emit = (suffix: string, body: Buffer): void => {
          this.emitFile({ type: 'asset', fileName: `${file.fileName}${suffix}`, source: body });
        };
        emit('.br', brotliCompressSync(source, { params }));
        emit('.gz', gzipSync(source));
      }
    },
  };
}

export default defineConfig({
  plugins: [react(), tailwindcss(), precompress()],
  resolve: { conditions: ['loxos/source', ...defaultClientConditions] },
  build: { assetsInlineLimit: 0, target: 'es2022', sourcemap: false },
  worker: { format: 'es' },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4180' } },
});
