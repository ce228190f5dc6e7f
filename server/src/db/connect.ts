import { FileConnection } from './file-connection.ts';
import type { Connection } from './connection.ts';
import { RemoteConnection } from './remote-connection.ts';

/** Returns whether a database is a file on this machine. */
export const isFile = (url: string): boolean => url.startsWith('file:');

export const connect = (url: string, authToken?: string): Connection =>
  isFile(url) ? new FileConnection(url) : new RemoteConnection(url, authToken);
