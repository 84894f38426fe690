import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { ROOT } from '../cluster';

export const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** A server that is killed and started again, always at the same address; how long each start took stays with it. */
export class Mortal {
  private server: ChildProcess | undefined;
  readonly openAfter_ms: number[] = [];

  constructor(
    readonly url: string,
    private readonly env: NodeJS.ProcessEnv,
  ) {}

  /** Starts, and waits until it is ready. */
  async open(): Promise<void> {
    const began = performance.now();
    this.server = spawn(process.execPath, [path.join(ROOT, 'server/dist/main.js')], {
      env: { ...process.env, ...this.env, LOG_LEVEL: 'error' },
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    await this.untilReady();
    this.openAfter_ms.push(performance.now() - began);
  }

  /** Waits until it is ready, started or not by whoever waits; says how long that took. */
  async untilReady(): Promise<number> {
    const began = performance.now();
    for (let i = 0; i < 600; i += 1) {
      const ready = await fetch(`${this.url}/api/ready`).then(
        (answer) => answer.ok,
        () => false,
      );
      if (ready) return performance.now() - began;
      await pause(20);
    }
    throw new Error('the server did not become ready');
  }

  async kill(): Promise<void> {
    const { server } = this;
    if (server?.pid === undefined || server.exitCode !== null || server.signalCode !== null) return;
    const gone = new Promise((resolve) => server.once('exit', resolve));
    process.kill(server.pid, 'SIGKILL');
    await gone;
  }

  /** Whether its process goes on: what only restarts by hand would bring back is seen here. */
  get lives(): boolean {
    return this.server?.exitCode === null && this.server.signalCode === null;
  }
}
