// The app with the demo academy, in a data folder of its own; `-- --large` with two hundred players more.
import { join } from 'node:path';
import { ROOT, buildIfNeeded, installIfNeeded, serve } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
const args = process.argv.slice(2);
const folder = args.includes('--large') ? 'large' : 'demo';
serve(process.execPath, ['demo/dist/main.js', ...args], {
  LOXOS_DATA: process.env.LOXOS_DATA ?? join(ROOT, '.data', folder),
});
