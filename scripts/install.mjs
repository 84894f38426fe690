// Makes sure that the packages are there; needs nothing but Node itself.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const STAMP = path.join(ROOT, 'node_modules/.package-lock.json');
const LEAST_NODE = [20, 19];

/** Installs packages where the lock is newer than what is installed. Exits with one sentence where it cannot. */
export function installPackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < LEAST_NODE[0] || (major === LEAST_NODE[0] && minor < LEAST_NODE[1])) {
    console.error(
      `Node ${process.versions.node} is too old: install Node ${LEAST_NODE.join('.')} or newer and start again.`,
    );
    process.exit(1);
  }
  const installed = fs.statSync(STAMP, { throwIfNoEntry: false })?.mtimeMs ?? 0;
  const locked = fs.statSync(path.join(ROOT, 'package-lock.json')).mtimeMs;
  if (installed >= locked) return;
  console.error('Installing packages; the first time this takes about a minute.');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
    stdio: ['ignore', 2, 2],
  });
  if (done.status !== 0) {
    console.error('The packages could not be installed. Check the network to the npm registry, then start again.');
    process.exit(1);
  }
  // A clone's lock may carry the time of the clone; the stamp must not look older than it.
  const now = new Date();
  fs.utimesSync(STAMP, now, now);
}
