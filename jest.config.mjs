// Jest compiles everything to CommonJS through swc, the ES-module packages of node_modules too.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { clockShiftMs } from './scripts/clock.mjs';
import { CORE_BUNDLE } from './scripts/core-bundle.mjs';

const root = fileURLToPath(new URL('.', import.meta.url));
const modules = join(root, 'node_modules');

/** The packages of a folder, those that other packages have for themselves too: each its name and where it is. */
function installed(folder, scope = '') {
  return readdirSync(folder).flatMap((name) => {
    if (name.startsWith('.')) return [];
    const path = join(folder, name);
    if (name.startsWith('@')) return installed(path, `${name}/`);
    const own = join(path, 'node_modules');
    return [{ name: `${scope}${name}`, path }, ...(existsSync(own) ? installed(own) : [])];
  });
}

const isEsModule = ({ name, path }) => {
  const file = join(path, 'package.json');
  if (name.startsWith('@loxos/') || !existsSync(file)) return false;
  return JSON.parse(readFileSync(file, 'utf8')).type === 'module';
};
const found = installed(modules).filter(isEsModule);
const esModules = [...new Set(found.map(({ name }) => name))];

const swc = [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        useDefineForClassFields: false,
        decoratorMetadata: true,
        react: { runtime: 'automatic' },
      },
      target: 'es2022',
      keepClassNames: true,
    },
    module: { type: 'commonjs' },
  },
];

// Named once, here: every worker has the same clock, and stands east of Greenwich by half an hour and more, where a day that
// is taken for a moment shows.
clockShiftMs();
process.env.TZ ??= 'Asia/Kolkata';

/**
 * Suites look a global up through a proxy each time it is named, which makes what computes four times slower: these each module is
 * given. Not `Date`, which tests replace.
 */
const OFTEN_NAMED = [
  ...['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'JSON', 'Error', 'String'],
  ...['Float64Array', 'Infinity', 'Symbol', 'Promise', 'WeakMap', 'RegExp'],
];
/** Without names that something else has: an icon, a class of a package. */
const but = (...names) => OFTEN_NAMED.filter((name) => !names.includes(name));

/** What shows only over a long time is in `npm run soak` alone. */
const IS_SOAK = process.env.LOXOS_SOAK === '1';

const project = (name, rest) => ({
  displayName: name,
  rootDir: root,
  roots: [`<rootDir>/${name}`],
  testMatch: [`<rootDir>/${name}/src/**/*.test.{ts,tsx}`],
  setupFiles: ['<rootDir>/scripts/begin-at.mjs'],
  sandboxInjectedGlobals: OFTEN_NAMED,
  moduleFileExtensions: ['ts', 'tsx', 'js', 'mjs', 'json', 'node'],
  transform: { '^.+\\.(?:m?[jt]sx?)$': swc },
  // The last of them in a path is the package's own.
  transformIgnorePatterns: [
    `/node_modules/(?!.*/node_modules/)(?!(?:${esModules.join('|')})/)`,
    CORE_BUNDLE,
  ],
  testPathIgnorePatterns: [
    '/node_modules/',
    '/dist/',
    ...(IS_SOAK ? [] : ['\\.soak\\.test\\.ts$']),
  ],
  modulePathIgnorePatterns: ['<rootDir>/(?:core|server|web|demo|simulators/[^/]+)/dist/'],
  moduleNameMapper: { '^@loxos/core$': CORE_BUNDLE },
  testEnvironmentOptions: {
    customExportConditions: ['loxos/source', 'node', 'require', 'default'],
  },
  ...rest,
});

/** A suite of the server that is named runs by itself, as in soak; all of them run in groups. */
const isNamed = process.argv.some((word) => word.includes('server/src'));
const IN_GROUPS =
  isNamed || IS_SOAK
    ? {}
    : {
        testMatch: ['<rootDir>/server/jest/group-*.test.cjs'],
        moduleFileExtensions: ['ts', 'tsx', 'js', 'mjs', 'cjs', 'json', 'node'],
      };

/** Slow is not wrong: a machine with two cores runs the checks beside the tests. */
const TIMEOUT_MS = 60_000;

export default {
  globalSetup: '<rootDir>/scripts/core-bundle.mjs',
  testTimeout: TIMEOUT_MS,
  // One worker a core: with two cores, one less would be half of them.
  maxWorkers: '100%',
  projects: [
    project('core', { testEnvironment: 'node' }),
    project('server', {
      testEnvironment: 'node',
      sandboxInjectedGlobals: but('Set'),
      ...IN_GROUPS,
    }),
    project('demo', { testEnvironment: 'node' }),
    project('simulators', {
      testEnvironment: 'node',
      testMatch: ['<rootDir>/simulators/*/src/**/*.test.ts'],
    }),
    project('web', {
      sandboxInjectedGlobals: but('Infinity', 'Map'),
      testEnvironment: '<rootDir>/web/jest/environment.cjs',
      setupFilesAfterEnv: ['<rootDir>/web/jest/setup.ts'],
      moduleNameMapper: {
        '^@loxos/core$': CORE_BUNDLE,
        '\\.css$': '<rootDir>/web/jest/empty.cjs',
        // The calendar asks for it by `require`, and is given it so.
        '^preact$': '<rootDir>/node_modules/preact/dist/preact.js',
        '^preact/(compat|hooks)$': '<rootDir>/node_modules/preact/$1/dist/$1.js',
      },
      testEnvironmentOptions: {
        customExportConditions: ['loxos/source', 'browser', 'require', 'default'],
      },
    }),
  ],
};
