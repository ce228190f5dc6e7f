// The demo academy in a fresh folder, for the interface tests.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, serve } from './shared.mjs';

const folder = join(ROOT, '.data', 'test');
rmSync(folder, { recursive: true, force: true });
serve(process.execPath, ['demo/dist/main.js'], {
  LOXOS_DATA: folder,
  // A ball a second: nobody waits for it.
  LOXOS_MONITOR_EVERY: '1',
});
