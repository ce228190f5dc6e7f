import { availableParallelism } from 'node:os';
import { Injectable } from '@nestjs/common';
import type { OnApplicationShutdown } from '@nestjs/common';
import { FairTurns } from './fair-turns.ts';
import type { Who } from './fair-turns.ts';
import type { Task } from './task.ts';
import { Threads } from './threads.ts';

/** From source, in tests, a thread could not load the tasks: they are done where they are asked for. */
const IS_SOURCE = import.meta.url.endsWith('.ts');

/** Files are read so many at once: one that takes long leaves room for another. */
const READERS = 2;
/** What reading one file may take: far more than the largest that is taken needs. */
const READER_MEMORY_MB = 320;
const READER_DEADLINE_MS = 20_000;

/** Threads for what would keep every other request waiting; files, which strangers make, have their own. */
@Injectable()
export class Pool implements OnApplicationShutdown {
  private readonly filename = new URL('../tasks.js', import.meta.url).href;
  private readonly threads = new Threads({
    filename: this.filename,
    most: Math.max(1, availableParallelism() - 1),
  });
  private readonly readers = new Threads({
    filename: this.filename,
    most: READERS,
    memoryMb: READER_MEMORY_MB,
    deadlineMs: READER_DEADLINE_MS,
  });
  private readonly turns = new FairTurns(READERS);

  /** Does a task in a thread of its own. */
  run<I, O>(task: Task<I, O>, input: I): Promise<O> {
    return doIn(this.threads, task, input);
  }

  /** Does a task with a person's file once it is their turn; `signal` ends it, and its reason is thrown. Throws TookTooMuch. */
  read<I, O>(who: Who, task: Task<I, O>, input: I, signal?: AbortSignal): Promise<O> {
    return this.turns.run(who, () => doIn(this.readers, task, input, signal), signal);
  }

  async onApplicationShutdown(): Promise<void> {
    await Promise.all([this.threads.end(), this.readers.end()]);
  }
}

async function doIn<I, O>(
  threads: Threads,
  { name, work }: Task<I, O>,
  input: I,
  signal?: AbortSignal,
): Promise<O> {
  if (IS_SOURCE) return work(input);
  return (await threads.run({ name, input }, signal)) as O;
}
