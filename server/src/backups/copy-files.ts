/** What is done with the file of a copy, which may be large: in a thread of its own. */
import { open } from 'node:fs/promises';
import { createReadStream, createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';
import { newestMigration } from '../db/store.ts';
import type { Task } from '../threads/task.ts';

/** What is wrong with a file that is to become the database, in a sentence, null for nothing; and how many rows each table has. */
export interface Checked {
  readonly trouble: string | null;
  readonly rows: Readonly<Record<string, number>>;
}

type Client = ReturnType<typeof createClient>;

async function rowsIn(client: Client): Promise<Record<string, number>> {
  const { rows: tables } = await client.execute(
    "select name from sqlite_master where type = 'table' and name not like 'sqlite_%'",
  );
  const rows: Record<string, number> = {};
  for (const { name } of tables) {
    const table = name as string;
    const { rows: counted } = await client.execute(`select count(*) as n from "${table}"`);
    rows[table] = Number(counted[0]?.['n']);
  }
  return rows;
}

async function troubleIn(client: Client): Promise<string | null> {
  const check = await client.execute('PRAGMA integrity_check(1)');
  if (check.rows[0]?.[0] !== 'ok') return 'The copy is damaged; choose another.';
  const { rows } = await client.execute('select max(created_at) as last from __drizzle_migrations');
  if (Number(rows[0]?.['last'] ?? 0) > newestMigration())
    return 'The copy is from a newer Loxos; start that version to use it.';
  return null;
}

export interface Written {
  /** How many rows each table had before the copy was written, and after: others write meanwhile. */
  readonly before: Readonly<Record<string, number>>;
  readonly after: Readonly<Record<string, number>>;
}

/** Writes a whole database into a new file, as it is at one moment, by a connection of its own: nobody who writes waits for it. */
async function writeCopy({ from, to }: Pick<Sealing, 'from' | 'to'>): Promise<Written> {
  const client = createClient({ url: pathToFileURL(from).href });
  try {
    await client.execute('PRAGMA busy_timeout = 5000');
    const before = await rowsIn(client);
    await client.execute({ sql: 'VACUUM INTO ?', args: [to] });
    return { before, after: await rowsIn(client) };
  } finally {
    client.close();
  }
}

/** Looks a copy through. */
async function checkCopy({ file }: { readonly file: string }): Promise<Checked> {
  const client = createClient({ url: pathToFileURL(file).href });
  try {
    const trouble = await troubleIn(client);
    return { trouble, rows: trouble === null ? await rowsIn(client) : {} };
  } catch {
    return { trouble: 'This file is no copy of Loxos.', rows: {} };
  } finally {
    client.close();
  }
}

interface Sealing {
  readonly from: string;
  readonly to: string;
  readonly passphrase: string;
}

/** How a sealed file begins (age-encryption.org/v1). */
const SEAL = 'age-encryption.org/v1\n';

/** Returns whether a file is sealed. */
export async function isSealed(file: string): Promise<boolean> {
  const handle = await open(file);
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(SEAL.length), 0, SEAL.length, 0);
    return buffer.toString('latin1', 0, bytesRead) === SEAL;
  } finally {
    await handle.close();
  }
}

const streamOf = (file: string) =>
  Readable.toWeb(createReadStream(file)) as unknown as globalThis.ReadableStream<Uint8Array>;
const write = (stream: globalThis.ReadableStream<Uint8Array>, to: string) =>
  pipeline(Readable.fromWeb(stream as unknown as ReadableStream), createWriteStream(to));

/** Writes a file sealed with a passphrase, which any program for age files opens. `work`: how dear a guess is, as scrypt's log₂ N. */
async function sealFile({
  from,
  to,
  passphrase,
  work,
}: Sealing & { readonly work: number }): Promise<void> {
  const { Encrypter } = await import('age-encryption');
  const encrypter = new Encrypter();
  encrypter.setScryptWorkFactor(work);
  encrypter.setPassphrase(passphrase);
  await write(await encrypter.encrypt(streamOf(from)), to);
}

/** Writes what a sealed file holds; whether the passphrase was the right one. A file that was changed since throws. */
async function openFile({ from, to, passphrase }: Sealing): Promise<boolean> {
  const { Decrypter } = await import('age-encryption');
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  let opened: globalThis.ReadableStream<Uint8Array>;
  try {
    opened = await decrypter.decrypt(streamOf(from));
  } catch (error) {
    if (error instanceof Error && /no identity matched/.test(error.message)) return false;
    throw error;
  }
  await write(opened, to);
  return true;
}

export const WRITE_COPY: Task<Pick<Sealing, 'from' | 'to'>, Written> = {
  name: 'writeCopy',
  work: writeCopy,
};
export const CHECK_COPY: Task<{ readonly file: string }, Checked> = {
  name: 'checkCopy',
  work: checkCopy,
};
export const SEAL_FILE: Task<Sealing & { readonly work: number }, void> = {
  name: 'sealFile',
  work: sealFile,
};
export const OPEN_FILE: Task<Sealing, boolean> = { name: 'openFile', work: openFile };
