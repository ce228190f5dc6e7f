import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

/** Files below this, bytes, are not worth compressing ahead. */
const COMPRESS_FROM_BYTES = 1024;

/** Writes .br and .gz beside each text file once it is final, for the server to hand out as they are. */
export function precompress(): Plugin {
  return {
    name: 'precompress',
    apply: 'build',
    writeBundle({ dir = 'dist' }, bundle) {
      for (const name of Object.keys(bundle)) {
        if (!/\.(?:js|css|svg)$/.test(name)) continue;
        const file = join(dir, name);
        const source = readFileSync(file);
        if (source.length < COMPRESS_FROM_BYTES) continue;
        const params = { [constants.BROTLI_PARAM_QUALITY]: 9 };
        writeFileSync(`${file}.br`, brotliCompressSync(source, { params }));
        writeFileSync(`${file}.gz`, gzipSync(source));
      }
    },
  };
}
