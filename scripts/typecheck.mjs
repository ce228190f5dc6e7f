// Type check of every part.
import { bin, runOrExit } from './shared.mjs';

for (const part of ['core', 'server', 'demo', 'web', 'e2e'])
  runOrExit(bin('tsc'), ['-p', part, '--noEmit']);
