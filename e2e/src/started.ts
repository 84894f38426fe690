import { spawn, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from './cluster';

/** What a start has said and how it ended. */
export interface Ended {
  readonly code: number | null;
  readonly said: string;
}

interface StartOptions {
  readonly args?: readonly string[];
  readonly env?: NodeJS.ProcessEnv;
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Whether a process is there and no zombie. */
export function runs(pid: number): boolean {
  try {
    return !/^State:\s+Z/m.test(fs.readFileSync(`/proc/${String(pid)}/status`, 'utf8'));
  } catch {
    return false;
  }
}

/** Processes of which the command line holds a text. */
export function processesWith(text: string): number[] {
  return fs
    .readdirSync('/proc')
    .filter((entry) => /^\d+$/.test(entry))
    .map(Number)
    .filter((pid) => {
      try {
        return (
          pid !== process.pid && fs.readFileSync(`/proc/${String(pid)}/cmdline`, 'utf8').includes(text) && runs(pid)
        );
      } catch {
        return false;
      }
    });
}

const PORTS = { first: 5300, each: 100 };
let started = 0;

/** A port of one start's own: a server that is killed leaves its port free for a moment, and another journey's start took it. */
function ownPort(): string {
  const worker = Number(process.env.TEST_PARALLEL_INDEX ?? '0');
  started += 1;
  return String(PORTS.first + PORTS.each * worker + (started % PORTS.each));
}

/** `npm start` as somebody types it, on a folder of data of its own. */
export class Started {
  /** Every start of this worker: a journey that runs into its limit leaves none behind. */
  private static readonly all: Started[] = [];
  static killAll(): void {
    for (const one of Started.all.splice(0)) if (one.child.exitCode === null) one.child.kill('SIGKILL');
  }

  private readonly child: ChildProcess;
  said = '';

  constructor(
    readonly data: string,
    { args = ['--empty'], env = {} }: StartOptions = {},
  ) {
    Started.all.push(this);
    this.child = spawn(process.execPath, [path.join(ROOT, 'scripts/start.mjs'), ...args], {
      cwd: ROOT,
      env: { ...process.env, BENT_PAIL_DATA: data, LOG_LEVEL: 'fatal', PORT: ownPort(), ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    for (const stream of [this.child.stdout, this.child.stderr])
      stream?.on('data', (part) => (this.said += String(part)));
  }

  get pid(): number {
    return this.child.pid ?? 0;
  }

  /** Waits until it has said something. */
  async until(words: RegExp, within_ms = 180_000): Promise<RegExpExecArray> {
    const end = Date.now() + within_ms;
    while (Date.now() < end) {
      const found = words.exec(this.said);
      if (found !== null) return found;
      if (this.child.exitCode !== null) break;
      await pause(30);
    }
    throw new Error(`it never said ${String(words)}, but: ${this.said}`);
  }

  async address(): Promise<string> {
    return (await this.until(/open at (http:\S+)/))[1] as string;
  }

  /** The processes that it looks after. */
  server(): number {
    return this.childWith('server/dist/main.js');
  }
  postgres(): number {
    return this.childWith('/bin/postgres');
  }
  private childWith(text: string): number {
    const children = processesWith(text).filter(
      (pid) => Number(/^PPid:\s+(\d+)/m.exec(fs.readFileSync(`/proc/${String(pid)}/status`, 'utf8'))?.[1]) === this.pid,
    );
    if (children.length !== 1) throw new Error(`${String(children.length)} processes with ${text}`);
    return children[0] as number;
  }

  /** How it ends by itself. */
  async ended(): Promise<Ended> {
    if (this.child.exitCode === null && this.child.signalCode === null)
      await new Promise((resolve) => this.child.once('exit', resolve));
    await pause(50);
    return { code: this.child.exitCode, said: this.said };
  }

  send(signal: NodeJS.Signals): void {
    this.child.kill(signal);
  }

  /** Ctrl-C. */
  async stop(): Promise<Ended> {
    this.send('SIGINT');
    return this.ended();
  }
}

/** Tries until something is so. */
export async function eventually(isSo: () => boolean | Promise<boolean>, within_ms = 20_000): Promise<boolean> {
  const end = Date.now() + within_ms;
  while (Date.now() < end) {
    if (await isSo()) return true;
    await pause(50);
  }
  return false;
}

export const isReady = async (address: string): Promise<boolean> =>
  fetch(`${address}/api/ready`).then(
    (answer) => answer.ok,
    () => false,
  );
