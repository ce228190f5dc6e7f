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

  /** Does a task in a thread of its own. */
  async run<N extends TaskName>(
    name: N,
    input: Parameters<Tasks[N]>[0],
  ): Promise<Awaited<ReturnType<Tasks[N]>>> {
    if (IS_SOURCE)
      return await (TASKS[name] as (asked: typeof input) => ReturnType<Tasks[N]>)(input);
    this.threads ??= new Piscina({
      filename: new URL('./tasks.js', import.meta.url).href,
      minThreads: 0,
      maxThreads: Math.max(1, availableParallelism() - 1),
      idleTimeout: IDLE_MS,
    });
    return (await this.threads.run({ name, input })) as Awaited<ReturnType<Tasks[N]>>;
  }

  async onApplicationShutdown(): Promise<void> {
    await this.threads?.destroy();
  }
}
