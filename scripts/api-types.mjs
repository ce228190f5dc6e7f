// The web app's API types, from the server's own OpenAPI document. --check fails when they are stale.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import openapiTS, { astToString } from 'openapi-typescript';
import { pino } from 'pino';
import { format, resolveConfig } from 'prettier';
import { ROOT } from './shared.mjs';

const { createApp, describeApi } = await import(
  pathToFileURL(join(ROOT, 'server/dist/app.js')).href
);
const folder = mkdtempSync(join(tmpdir(), 'loxos-api-'));
const config = {
  host: '127.0.0.1',
  port: 0,
  databaseUrl: pathToFileURL(join(folder, 'api.db')).href,
  folder,
  origins: [],
  trustProxy: 0,
  isDemo: false,
  webFolder: null,
};
const app = await createApp(config, pino({ level: 'silent' }));
const document = describeApi(app);
await app.close();
rmSync(folder, { recursive: true });

const target = join(ROOT, 'web/src/api/schema.gen.ts');
const text = `// Generated from the server's OpenAPI document by \`npm run api\`; do not edit.\n${astToString(await openapiTS(document))}`;
const formatted = await format(text, { ...(await resolveConfig(target)), parser: 'typescript' });
if (process.argv.includes('--check')) {
  if (readFileSync(target, 'utf8') !== formatted) {
    console.error('web/src/api/schema.gen.ts is stale: run `npm run api`.');
    process.exit(1);
  }
} else {
  writeFileSync(target, formatted);
}
process.exit(0);
