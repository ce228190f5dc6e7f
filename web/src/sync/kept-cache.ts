import { AnswersKept } from './answers-kept.ts';

interface Asked {
  readonly state: { readonly status: string };
  readonly queryKey: readonly unknown[];
}

const DAY_MS = 24 * 3600 * 1000;
/** As long as the cache in memory keeps what no screen shows. */
const KEPT_DAYS = 3;
/** Names the API that the build speaks: another's answers may have other fields. */
declare const __API__: string;

export const keptCache = {
  persister: new AnswersKept(),
  maxAge: KEPT_DAYS * DAY_MS,
  buster: __API__,
  dehydrateOptions: {
    shouldDehydrateQuery: ({ state, queryKey }: Asked) =>
      state.status === 'success' && queryKey[0] !== 'health',
  },
} as const;
