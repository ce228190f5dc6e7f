// The app with the demo academy, in a data folder of its own.
import { join } from 'node:path';
import { ROOT, buildIfNeeded, installIfNeeded, serve } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
serve(process.execPath, ['demo/dist/main.js'], {
  LOXOS_DATA: process.env.LOXOS_DATA ?? join(ROOT, '.data', 'demo'),
});
