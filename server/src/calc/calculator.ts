import type { CalcAnswer } from '@bent-pail/contract/calc';
import { Gate } from '../http/gate';
import { HttpProblem } from '../http/problems';
import type { Calculation } from '../workers/calculate';
import { READY } from '../workers/ready';
import { ThreadPool } from '../workers/threadPool';

/** How long one calculation may take, how many wait for it, and how long the thread is kept for the next one. */
export const CALCULATOR = Object.freeze({ within_ms: 20_000, waiting: 12, idle_ms: 60_000, heap_MB: 256, nice: 10 });

const tooLong = (): HttpProblem =>
  new HttpProblem(422, {
    code: 'too-long',
    path: 'input',
    message: `This takes longer than ${String(CALCULATOR.within_ms / 1000)} s, which is as long as others may be kept waiting. Ask for less at once, or run it with npm run calc.`,
  });

/**
 * Calculates for whoever asks over HTTP: one at a time, in a thread that gives way to the server's own work, ended
 * where it takes too long. The server's own thread never calculates.
 */
export class Calculator {
  private readonly gate = new Gate({ atOnce: 1, waiting: CALCULATOR.waiting });
  private readonly pool = new ThreadPool<Calculation | typeof READY, CalcAnswer | typeof READY>(
    'calculate',
    CALCULATOR,
  );

  constructor(private readonly within_ms: number = CALCULATOR.within_ms) {}

  calculate(calculation: Calculation): Promise<CalcAnswer> {
    return this.gate.through(async () => {
      // A thread that has to be begun first, on a busy machine, is no fault of the calculation.
      await this.pool.run(READY);
      const signal = AbortSignal.timeout(this.within_ms);
      try {
        return (await this.pool.run(calculation, signal)) as CalcAnswer;
      } catch (error) {
        if (signal.aborted || (error as { code?: unknown }).code === 'ERR_WORKER_OUT_OF_MEMORY') throw tooLong();
        throw error;
      }
    });
  }

  close(): Promise<void> {
    return this.pool.close();
  }
}
