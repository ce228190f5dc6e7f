// What the scripts share: running children with signals passed on, and installing what is missing.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
const isWindows = process.platform === 'win32';

/** Runs a program to its end with its output shown; ends this one too when it fails. */
export function runOrExit(program, args, options = {}) {
  const done = spawnSync(program, args, {
    cwd: ROOT,
    stdio: 'inherit',
    shell: isWindows,
    ...options,
  });
  if (done.status !== 0) process.exit(done.status ?? 1);
}

/** Runs a script of an installed package. */
export const bin = (name) => join(ROOT, 'node_modules', '.bin', isWindows ? `${name}.cmd` : name);

/** Starts a program that serves until told to stop; signals reach it, its end is ours. */
export function serve(program, args, env) {
  const child = spawn(program, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code, signal) => process.exit(signal === null ? (code ?? 1) : 0));
  return child;
}

const hashOf = (texts) => {
  const hash = createHash('sha256');
  for (const text of texts) hash.update(text);
  return hash.digest('hex');
};

const stampFile = (name) => join(ROOT, 'node_modules', `.loxos-${name}`);
const stampIs = (name, value) =>
  existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === value;
function stamp(name, value) {
  mkdirSync(join(ROOT, 'node_modules'), { recursive: true });
  writeFileSync(stampFile(name), value);
}

/** `npm ci`, unless the lock file, Node and platform are those of the last one. */
export function installIfNeeded() {
  const lock = readFileSync(join(ROOT, 'package-lock.json'));
  const wanted = hashOf([lock, process.version, process.platform, process.arch]);
  if (stampIs('installed', wanted)) return;
  console.log('Installing packages …');
  runOrExit(isWindows ? 'npm.cmd' : 'npm', ['ci', '--no-audit', '--no-fund']);
  stamp('installed', wanted);
}

const SOURCES = [
  'core/src',
  'server/src',
  'server/drizzle',
  'web/src',
  'web/public',
  'demo/src',
  'simulators/launch-monitor/src',
];
const SOURCE_FILES = [
  'package-lock.json',
  'tsconfig.base.json',
  'web/index.html',
  'web/page.html',
  'web/vite.config.ts',
  'web/vite.page.config.ts',
  'web/vite.early.ts',
  'web/vite.precompress.ts',
  'scripts/build.mjs',
];

function filesUnder(folder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

/** Builds everything, unless no source has changed since the last build. */
export function buildIfNeeded() {
  const files = [
    ...SOURCES.flatMap((folder) => filesUnder(join(ROOT, folder))),
    ...SOURCE_FILES.map((file) => join(ROOT, file)),
  ];
  const wanted = hashOf(files.flatMap((file) => [file.slice(ROOT.length), readFileSync(file)]));
  const built = ['core', 'server', 'web', 'demo', 'simulators/launch-monitor'].every((part) =>
    existsSync(join(ROOT, part, 'dist')),
  );
  if (built && stampIs('built', wanted)) return;
  console.log('Building …');
  runOrExit(process.execPath, ['scripts/build.mjs']);
  stamp('built', wanted);
}
