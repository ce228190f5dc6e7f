import { availableParallelism } from 'node:os';
import { Injectable } from '@nestjs/common';
import type { OnApplicationShutdown } from '@nestjs/common';
import { Piscina } from 'piscina';
import { TASKS } from './tasks.ts';
import type { TaskName, Tasks } from './tasks.ts';

/** A thread that had nothing to do for so long ends, ms. */
const IDLE_MS = 60_000;
/** From source, in tests, a thread could not load the tasks: they are done where they are asked for. */
const IS_SOURCE = import.meta.url.endsWith('.ts');

/** Threads for what would keep every other request waiting. */
@Injectable()
export class Pool implements OnApplicationShutdown {
  private threads: Piscina | null = null;

  /** Does a task in a thread of its own; `signal` ends it, and its reason is thrown. */
  async run<N extends TaskName>(
    name: N,
    input: Parameters<Tasks[N]>[0],
    signal?: AbortSignal,
  ): Promise<Awaited<ReturnType<Tasks[N]>>> {
    if (IS_SOURCE)
      return await (TASKS[name] as (asked: typeof input) => ReturnType<Tasks[N]>)(input);
    this.threads ??= new Piscina({
      filename: new URL('./tasks.js', import.meta.url).href,
      minThreads: 0,
      maxThreads: Math.max(1, availableParallelism() - 1),
      idleTimeout: IDLE_MS,
    });
    try {
      const options = signal === undefined ? {} : { signal };
      return (await this.threads.run({ name, input }, options)) as Awaited<ReturnType<Tasks[N]>>;
    } catch (error) {
      signal?.throwIfAborted();
      throw error;
    }
  }

  async onApplicationShutdown(): Promise<void> {
    await this.threads?.destroy();
  }
}
