// Builds core, then server, demo and web, each from the one before.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, bin, runOrExit } from './shared.mjs';

for (const part of ['core', 'server', 'demo', 'simulators/launch-monitor']) {
  rmSync(join(ROOT, part, 'dist'), { recursive: true, force: true });
  runOrExit(bin('tsc'), ['-p', `${part}/tsconfig.build.json`]);
}
const web = { cwd: join(ROOT, 'web') };
runOrExit(bin('vite'), ['build', '--logLevel', 'warn'], web);
runOrExit(bin('vite'), ['build', '--logLevel', 'warn', '-c', 'vite.page.config.ts'], web);
