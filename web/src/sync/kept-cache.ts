import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { logDb } from './log-db.ts';

interface Asked {
  readonly state: { readonly status: string };
  readonly queryKey: readonly unknown[];
}

const DAY_MS = 24 * 3600 * 1000;
/** As long as the cache in memory keeps what no screen shows. */
const KEPT_DAYS = 3;

/** What the server last said, kept in the browser: with the network gone it is still on the screen. */
const persister = createAsyncStoragePersister({
  key: 'answers',
  throttleTime: 2000,
  storage: {
    getItem: async (key: string) => (await (await logDb()).get('single', key)) as string | null,
    setItem: async (key: string, value: string) => {
      await (await logDb()).put('single', value, key);
    },
    removeItem: async (key: string) => (await logDb()).delete('single', key),
  },
});

/** Names the API that the build speaks: another's answers may have other fields. */
declare const __API__: string;

export const keptCache = {
  persister,
  maxAge: KEPT_DAYS * DAY_MS,
  buster: __API__,
  dehydrateOptions: {
    shouldDehydrateQuery: ({ state, queryKey }: Asked) =>
      state.status === 'success' && queryKey[0] !== 'health',
  },
} as const;
