import { spawn } from 'node:child_process';
import { text } from 'node:stream/consumers';
import { programFile } from './programFile';

/** How a program ended, and what it said of that. */
export interface Ended {
  readonly code: number | null;
  readonly said: string;
}

/** What such a program may hold: a file that wants more is no table of a bench. */
const HEAP_MB = 1024;
/** How long a program may take that reads or writes what somebody sent: the next one waits for it. */
const WITHIN_MS = 120_000;

/**
 * Runs a program of ours as a process of its own, with its order as JSON on its standard input; it is ended where it
 * takes too long, with no code.
 */
export async function runApart(name: string, order: object, within_ms = WITHIN_MS): Promise<Ended> {
  const { file, execArgv, env } = programFile(name);
  const child = spawn(process.execPath, [`--max-old-space-size=${String(HEAP_MB)}`, ...execArgv, file], {
    stdio: ['pipe', 'ignore', 'pipe'],
    timeout: within_ms,
    killSignal: 'SIGKILL',
    env: { ...process.env, ...env },
  });
  const ended = new Promise<number | null>((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', resolve);
  });
  // One that was ended before it had read its order says so by its end.
  child.stdin.on('error', () => undefined);
  child.stdin.end(JSON.stringify(order));
  const [said, code] = await Promise.all([text(child.stderr), ended]);
  return { code, said };
}
