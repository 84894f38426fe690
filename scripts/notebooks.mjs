// The notebooks of a folder, for the commands that take, restore and rebuild them.
import { spawnSync } from 'node:child_process';
import { Advice } from './advice.mjs';
import { build, builtProgram, DATA } from './build.mjs';
import { takeLock } from './lock.mjs';
import { cluster } from './postgres.mjs';

/** What each is called in files and in sentences. */
export const NOTEBOOKS = {
  empty: { word: 'own', said: 'your own notebook' },
  notebook: { word: 'demo', said: 'the demo notebook' },
};

/** Runs one of the server's programs on a notebook; its sentence is the one that is told. */
async function program(name, args, url) {
  await build({ ifStale: true });
  const done = spawnSync(process.execPath, ['--enable-source-maps', builtProgram(name), ...args], {
    env: { ...process.env, DATABASE_URL: url },
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  if (done.status !== 0) throw new Advice(done.stderr.trim());
  return JSON.parse(done.stdout);
}

export const backupProgram = (args, url) => program('backup', args, url);
export const rebuildProgram = (url) => program('rebuild', [], url);

/** Which of the notebooks are meant by --own and --demo, of those that are there; both where nobody says. */
export function notebooksMeant({ own, demo }) {
  const asked = Object.keys(NOTEBOOKS).filter((name) => (own || demo ? (name === 'empty' ? own : demo) : true));
  const there = asked.filter((name) => cluster(DATA, name).exists());
  if (there.length === 0) throw new Advice(`There is no such notebook in ${DATA} yet; npm start begins one.`);
  return there;
}

/** Opens a notebook for a while: as it runs already, or started and stopped again. */
export async function whileOpen(name, work) {
  const own = cluster(DATA, name);
  const lock = await takeLock(own.data);
  // Somebody has it open: its PostgreSQL answers us too.
  if (lock.holder !== undefined) return work(own.url());
  await lock.release();
  try {
    return await work(await own.start());
  } finally {
    await own.stop();
  }
}
