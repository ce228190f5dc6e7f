// Builds core, then server, demo and web, each from the one before.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, bin, runOrExit } from './shared.mjs';

for (const part of ['core', 'server', 'demo']) {
  rmSync(join(ROOT, part, 'dist'), { recursive: true, force: true });
  runOrExit(bin('tsc'), ['-p', `${part}/tsconfig.build.json`]);
}
runOrExit(bin('vite'), ['build', '--logLevel', 'warn'], { cwd: join(ROOT, 'web') });
