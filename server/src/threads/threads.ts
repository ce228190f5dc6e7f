import { Piscina } from 'piscina';

/** A thread that had nothing to do for so long ends, ms. */
const IDLE_MS = 60_000;

export interface ThreadOptions {
  /** The script its threads run. */
  readonly filename: string;
  readonly most: number;
  /** Memory of one thread, MB: what needs more is ended. Left out, as much as there is. */
  readonly memoryMb?: number;
  /** So long one task may take, ms; left out, as long as it does. */
  readonly deadlineMs?: number;
}

/** A task that was ended since it took more time or memory than one may. */
export class TookTooMuch extends Error {}

/** A number of threads that do tasks, made when the first one comes. */
export class Threads {
  private pool: Piscina | null = null;

  constructor(private readonly options: ThreadOptions) {}

  /** Does a task; `signal` ends it, and its reason is thrown. Throws TookTooMuch past the limits. */
  async run(task: unknown, signal?: AbortSignal): Promise<unknown> {
    const { filename, most, memoryMb, deadlineMs } = this.options;
    this.pool ??= new Piscina({
      filename,
      minThreads: 0,
      maxThreads: most,
      idleTimeout: IDLE_MS,
      ...(memoryMb !== undefined && { resourceLimits: { maxOldGenerationSizeMb: memoryMb } }),
    });
    const deadline = deadlineMs === undefined ? undefined : AbortSignal.timeout(deadlineMs);
    const ends = [signal, deadline].filter((one) => one !== undefined);
    try {
      return await this.pool.run(task, ends.length === 0 ? {} : { signal: AbortSignal.any(ends) });
    } catch (error) {
      signal?.throwIfAborted();
      if (deadline?.aborted === true || isOutOfMemory(error))
        throw new TookTooMuch('more than one task may take', { cause: error });
      throw error;
    }
  }

  async end(): Promise<void> {
    await this.pool?.destroy();
  }
}

const isOutOfMemory = (error: unknown): boolean =>
  typeof error === 'object' &&
  error !== null &&
  'code' in error &&
  error.code === 'ERR_WORKER_OUT_OF_MEMORY';
