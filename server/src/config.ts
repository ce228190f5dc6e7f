import { mkdirSync } from 'node:fs';
import { isIP } from 'node:net';
import { homedir, platform } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { REFUSED_PORTS } from './refused-ports.ts';
import { isLoopback } from './common/own-origin.ts';

export interface ServerConfig {
  readonly host: string;
  readonly port: number;
  /** A file, or a libSQL server's address. */
  readonly databaseUrl: string;
  /** What that server asks for. */
  readonly databaseToken?: string | undefined;
  /** Where the database and its copies are. */
  readonly folder: string;
  /** Addresses the app is opened at, besides this machine's own, such as `https://loxos.example.org`. */
  readonly origins: readonly string[];
  /** How many proxies stand before the app, or which: what Express calls `trust proxy`. */
  readonly trustProxy: number | string;
  /** Whether an academy founded now is a demo, which anybody at this machine may enter. */
  readonly isDemo: boolean;
  /** Whether a new academy may be begun where there are copies of another. */
  readonly mayBeginAnew: boolean;
  /** Folder of the built web app, or null to serve the API alone. */
  readonly webFolder: string | null;
}

/** Returns where a user's data goes unless LOXOS_DATA says otherwise. */
function userDataFolder(env: NodeJS.ProcessEnv): string {
  if (platform() === 'win32' && env['APPDATA']) return join(env['APPDATA'], 'Loxos');
  if (platform() === 'darwin') return join(homedir(), 'Library', 'Application Support', 'Loxos');
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'loxos');
}

function portOf(text: string | undefined): number {
  if (text === undefined || text === '') return 4180;
  const port = Number(text);
  if (REFUSED_PORTS.has(port))
    throw new RangeError(`PORT is ${port}, which no browser opens: choose another, such as 4180`);
  if (Number.isInteger(port) && port >= 0 && port <= 65535) return port;
  throw new RangeError(`PORT is "${text}"; it must be a whole number from 0 to 65535`);
}

function originsOf(text: string | undefined): string[] {
  const origins = (text ?? '').split(',').map((part) => part.trim());
  return origins.filter(Boolean).map((origin) => {
    if (URL.canParse(origin) && /^https?:$/.test(new URL(origin).protocol)) {
      if (new URL(origin).origin === origin.replace(/\/$/, '')) return new URL(origin).origin;
    }
    throw new RangeError(
      `LOXOS_ORIGIN has "${origin}"; give addresses such as https://loxos.example.org, with commas between`,
    );
  });
}

const PROXY = /^(loopback|linklocal|uniquelocal)$/;
const isNetwork = (text: string): boolean => {
  const [address = '', bits = '0', ...rest] = text.split('/');
  return isIP(address) !== 0 && rest.length === 0 && /^\d{1,3}$/.test(bits);
};

function proxiesOf(text = '0'): number | string {
  if (/^\d+$/.test(text)) return Number(text);
  const names = text.split(',').map((name) => name.trim());
  if (names.every((name) => PROXY.test(name) || isNetwork(name))) return text;
  throw new RangeError(
    `LOXOS_TRUST_PROXY is "${text}"; give how many proxies stand before the app, or their addresses with commas between`,
  );
}

const ANY_HOST = new Set(['0.0.0.0', '::', '[::]']);

function hostOf(host: string, origins: readonly string[]): string {
  if (ANY_HOST.has(host) && origins.length === 0)
    throw new RangeError(
      `HOST is ${host}: say at which address the app is opened with LOXOS_ORIGIN, such as http://192.168.1.20:4180`,
    );
  return host;
}

/** Returns where the academy's data is. */
export const dataFolder = (env: NodeJS.ProcessEnv): string =>
  resolve(env['LOXOS_DATA'] ?? userDataFolder(env));

/** Returns the configuration from the environment; makes the data folder. */
export function configFrom(env: NodeJS.ProcessEnv): ServerConfig {
  const folder = dataFolder(env);
  mkdirSync(folder, { recursive: true });
  const origins = originsOf(env['LOXOS_ORIGIN']);
  const host = hostOf(env['HOST'] || '127.0.0.1', origins);
  return {
    host,
    port: portOf(env['PORT']),
    databaseUrl: env['LOXOS_DATABASE'] || pathToFileURL(join(folder, 'loxos.db')).href,
    databaseToken: env['LOXOS_DATABASE_TOKEN'],
    folder,
    origins,
    trustProxy: proxiesOf(env['LOXOS_TRUST_PROXY']),
    isDemo: env['LOXOS_DEMO'] === '1' && isLoopback(host),
    mayBeginAnew: env['LOXOS_BEGIN_ANEW'] === '1',
    webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
  };
}
