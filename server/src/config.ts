import { mkdirSync } from 'node:fs';
import { homedir, platform } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

export interface ServerConfig {
  readonly host: string;
  readonly port: number;
  readonly databaseUrl: string;
  /** Where the database and its copies are. */
  readonly folder: string;
  readonly academyName: string;
  /** Largest launch file taken, bytes. */
  readonly uploadLimitBytes: number;
  /** Folder of the built web app, or null to serve the API alone. */
  readonly webFolder: string | null;
}

export const UPLOAD_LIMIT_BYTES = 5 * 1024 * 1024;

/** Where a user's data goes unless LOXOS_DATA says otherwise. */
function userDataFolder(env: NodeJS.ProcessEnv): string {
  if (platform() === 'win32' && env['APPDATA']) return join(env['APPDATA'], 'Loxos');
  if (platform() === 'darwin') return join(homedir(), 'Library', 'Application Support', 'Loxos');
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'loxos');
}

function portOf(text: string | undefined): number {
  if (text === undefined || text === '') return 4180;
  const port = Number(text);
  if (Number.isInteger(port) && port >= 0 && port <= 65535) return port;
  throw new RangeError(`PORT is "${text}"; it must be a whole number from 0 to 65535`);
}

/** Where the academy's data is. */
export const dataFolder = (env: NodeJS.ProcessEnv): string =>
  resolve(env['LOXOS_DATA'] ?? userDataFolder(env));

/** The configuration from the environment; makes the data folder. */
export function configFrom(env: NodeJS.ProcessEnv): ServerConfig {
  const folder = dataFolder(env);
  mkdirSync(folder, { recursive: true });
  return {
    host: '127.0.0.1',
    port: portOf(env['PORT']),
    databaseUrl: pathToFileURL(join(folder, 'loxos.db')).href,
    folder,
    academyName: env['LOXOS_ACADEMY'] ?? 'My academy',
    uploadLimitBytes: UPLOAD_LIMIT_BYTES,
    webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
  };
}
