// What is generated of the API: the schemas of core's types that the server's document holds, and from that document the web app's
// types, in which those are core's own. --check fails when they are stale.
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import openapiTS, { astToString } from 'openapi-typescript';
import { pino } from 'pino';
import { format, resolveConfig } from 'prettier';
import ts from 'typescript';
import { coreSchemas } from './core-schemas.mjs';
import { ROOT } from './shared.mjs';

const isCheck = process.argv.includes('--check');
let isStale = false;
/** Writes a generated file, or says that it is stale. */
async function settle(file, text) {
  const target = join(ROOT, file);
  const made = await format(text, { ...(await resolveConfig(target)), parser: 'typescript' });
  if (existsSync(target) && readFileSync(target, 'utf8') === made) return;
  if (!isCheck) return writeFileSync(target, made);
  console.error(`${file} is stale: run \`npm run api\`.`);
  isStale = true;
}

const server = (path) => import(pathToFileURL(join(ROOT, 'server/dist', path)).href);
const { CORE_SHAPES } = await server('common/core-shape.js');
const schemas = coreSchemas(CORE_SHAPES);
await settle(
  'server/src/http/core-schemas.gen.ts',
  `// Generated from the types of core by \`npm run api\`; do not edit.\nimport type { Schemas } from './schemas.ts';\n\nexport const CORE_SCHEMAS: Schemas = ${JSON.stringify(schemas)};\n`,
);
const { createApp } = await server('app.js');
const { describeApi } = await server('http/describe-api.js');
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

const imported = (from, name, of) =>
  ts.factory.createImportTypeNode(
    ts.factory.createLiteralTypeNode(ts.factory.createStringLiteral(from)),
    undefined,
    ts.factory.createIdentifier(name),
    of,
  );
/** The types of core are core's, not written out a second time. */
const coreType = (name) => imported('./as-json.ts', 'AsJson', [imported('@loxos/core', name)]);
const { schemas: described } = document.components;
for (const name of Object.keys(described)) if (name.startsWith('Core.')) delete described[name];
for (const name of CORE_SHAPES) described[`Core.${name}`] = { type: 'object' };
const types = await openapiTS(document, {
  transform: (_schema, { path }) => {
    const name = /\/components\/schemas\/Core\.(\w+)$/.exec(path ?? '')?.[1];
    return name === undefined ? undefined : coreType(name);
  },
});
await settle(
  'web/src/api/schema.gen.ts',
  `// Generated from the server's OpenAPI document by \`npm run api\`; do not edit.\n${astToString(types)}`,
);
process.exit(isStale ? 1 : 0);
