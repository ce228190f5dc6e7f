// Type check of every part; what has not changed since the last time is not checked again.
import { join } from 'node:path';
import { ROOT, bin, runOrExit } from './shared.mjs';

for (const part of ['core', 'server', 'demo', 'simulators/launch-monitor', 'web', 'e2e']) {
  const known = join(ROOT, 'node_modules', '.cache', `loxos-types-${part}.tsbuildinfo`);
  runOrExit(bin('tsc'), ['-p', part, '--noEmit', '--incremental', '--tsBuildInfoFile', known]);
}
