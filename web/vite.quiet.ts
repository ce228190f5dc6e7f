import type { BuildOptions } from 'vite';

type OnLog = NonNullable<NonNullable<BuildOptions['rolldownOptions']>['onLog']>;

/** Passes on what the build says, but for `"use client"` in a package's file, which is meant for frameworks we do not use. */
export const quiet: OnLog = (level, log, report) => {
  if (log.code !== 'MODULE_LEVEL_DIRECTIVE') report(level, log);
};

/** What is fetched only when it is asked for, papers and tables, may be this large, kB. */
export const LARGEST_CHUNK_KB = 2_000;
