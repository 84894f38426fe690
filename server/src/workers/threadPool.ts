import { Piscina } from 'piscina';
import { HttpProblem } from '../http/problems';
import { programFile } from './programFile';

interface ThreadOptions {
  /** How long it is kept for the next task. */
  readonly idle_ms: number;
  readonly heap_MB: number;
  readonly young_MB?: number;
  /** By how much it gives way to the server's own thread. */
  readonly nice: number;
}

const cannotBegin = (cause: unknown): HttpProblem =>
  Object.assign(
    new HttpProblem(500, {
      code: 'fault',
      message: 'A part of the program that calculates cannot be loaded; it is in the log. Install the program again.',
    }),
    { cause },
  );

/** One thread for work that takes its time, begun when it is needed; a task waits for the one before. */
export class ThreadPool<Task, Answer> {
  private readonly pool: Piscina<Task, Answer>;

  constructor(program: string, { idle_ms, heap_MB, young_MB, nice }: ThreadOptions) {
    const { file, execArgv } = programFile(program);
    this.pool = new Piscina({
      filename: file,
      execArgv,
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: idle_ms,
      niceIncrement: nice,
      resourceLimits: {
        maxOldGenerationSizeMb: heap_MB,
        ...(young_MB === undefined ? {} : { maxYoungGenerationSizeMb: young_MB }),
      },
    });
    // A thread that dies before it has a task: whoever waits for one hears of it in `run`.
    this.pool.on('error', () => undefined);
  }

  /** Does one task. Throws where the thread cannot even begin, which nobody would else be told of. */
  async run(task: Task, signal?: AbortSignal): Promise<Answer> {
    const broken = new AbortController();
    const isBroken = (error: unknown): void => {
      broken.abort(error);
    };
    this.pool.once('error', isBroken);
    try {
      const either = signal === undefined ? broken.signal : AbortSignal.any([signal, broken.signal]);
      return await this.pool.run(task, { signal: either });
    } catch (error) {
      if (broken.signal.aborted) throw cannotBegin(broken.signal.reason);
      throw error;
    } finally {
      this.pool.off('error', isBroken);
    }
  }

  close(): Promise<void> {
    return this.pool.destroy();
  }
}
