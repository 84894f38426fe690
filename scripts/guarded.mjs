// Children that never outlive whoever started them, not even where that is killed.
import { spawn } from 'node:child_process';
import fs from 'node:fs';

const SETPRIV = '/usr/bin/setpriv';

/**
 * Starts a program that gets `lastSignal` when this process ends in whatever way; `as` is the system user to run it as.
 * A group of its own: Ctrl-C reaches this process, which then ends the child in order.
 */
export function guarded(program, args, { lastSignal, as, ...options }) {
  const identity = as === undefined ? [] : ['--reuid', as, '--regid', as, '--init-groups'];
  const [command, rest] = fs.existsSync(SETPRIV)
    ? [SETPRIV, [...identity, '--pdeathsig', lastSignal, '--', program, ...args]]
    : [program, args];
  return spawn(command, rest, { ...options, detached: true });
}

const ended = (child) => child.exitCode !== null || child.signalCode !== null;

/** Ends a child: each signal in turn, with so many milliseconds to follow it, the last one by force. */
export async function end(child, signals) {
  for (const [signal, wait_ms] of signals) {
    if (ended(child)) return;
    child.kill(signal);
    const until = Date.now() + wait_ms;
    while (!ended(child) && Date.now() < until) await new Promise((resolve) => setTimeout(resolve, 20));
  }
}
