import { spawn } from 'node:child_process';
import { text } from 'node:stream/consumers';
import { programFile } from './programFile';

/** How a program ended, and what it said of that. */
export interface Ended {
  readonly code: number | null;
  readonly said: string;
}

/** Runs a program of ours as a process of its own, with its order as JSON on its standard input. */
export async function runApart(name: string, order: object): Promise<Ended> {
  const { file, execArgv, env } = programFile(name);
  const child = spawn(process.execPath, [...execArgv, file], {
    stdio: ['pipe', 'ignore', 'pipe'],
    env: { ...process.env, ...env },
  });
  const ended = new Promise<number | null>((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', resolve);
  });
  child.stdin.end(JSON.stringify(order));
  const [said, code] = await Promise.all([text(child.stderr), ended]);
  return { code, said };
}
