// Puts core into one file before the tests: a suite of the server or of the screens loads it in a tenth of the time that its three
// hundred modules take. Tests of core itself read its modules.
import { join } from 'node:path';
import { rolldown } from 'rolldown';
import { ROOT } from './shared.mjs';

export const CORE_BUNDLE = join(ROOT, 'test-results', 'core.cjs');

export default async function bundleCore() {
  const bundle = await rolldown({
    input: join(ROOT, 'core/src/index.ts'),
    platform: 'node',
    logLevel: 'silent',
  });
  await bundle.write({ file: CORE_BUNDLE, format: 'cjs', sourcemap: true });
}
