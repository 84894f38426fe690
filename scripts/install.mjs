// Makes sure that the packages are there; needs nothing but Node itself.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const STAMP = path.join(ROOT, 'node_modules/.package-lock.json');
/** A folder can be made by one process only: it stands while packages are being installed. */
const TURN = path.join(ROOT, '.installing');
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
  if (isInstalled()) return;
  const release = takeTurn();
  try {
    if (!isInstalled()) install();
  } finally {
    release();
  }
}

function isInstalled() {
  const installed = fs.statSync(STAMP, { throwIfNoEntry: false })?.mtimeMs ?? 0;
  return installed >= fs.statSync(path.join(ROOT, 'package-lock.json')).mtimeMs;
}

const WAIT_MS = 250;
/** A turn that does not say whose it is after so long was left behind in the making. */
const NAMELESS_MS = 10_000;

/** Whether a turn was left behind: whoever took it is gone. */
function isLeftBehind() {
  const name = path.join(TURN, 'pid');
  const whose = fs.existsSync(name) ? Number(fs.readFileSync(name, 'utf8')) : 0;
  if (!(whose > 0)) return Date.now() - fs.statSync(TURN).mtimeMs > NAMELESS_MS;
  try {
    process.kill(whose, 0);
    return false;
  } catch (error) {
    return error.code === 'ESRCH';
  }
}

/**
 * One installs at a time: two that begin at once on a fresh clone would delete each other's packages. Whoever comes second
 * waits, and finds them there. Gives the function that ends the turn.
 */
function takeTurn() {
  for (let told = false; ; told = true) {
    try {
      fs.mkdirSync(TURN);
      fs.writeFileSync(path.join(TURN, 'pid'), String(process.pid));
      return () => fs.rmSync(TURN, { recursive: true, force: true });
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
    }
    if (leftBehind()) fs.rmSync(TURN, { recursive: true, force: true });
    if (!told) console.error('Another process is installing the packages; waiting for it.');
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, WAIT_MS);
  }
}

/** The same, of a turn that may end while it is looked at. */
function leftBehind() {
  try {
    return isLeftBehind();
  } catch (error) {
    if (error.code === 'ENOENT') return false;
    throw error;
  }
}

function install() {
  console.error('Installing packages; the first time this takes about a minute.');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
    stdio: ['ignore', 2, 2],
  });
  if (done.status !== 0) {
    fs.rmSync(TURN, { recursive: true, force: true });
    console.error('The packages could not be installed. Check the network to the npm registry, then start again.');
    process.exit(1);
  }
  // A clone's lock may carry the time of the clone; the stamp must not look older than it.
  const now = new Date();
  fs.utimesSync(STAMP, now, now);
}
