import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, afterEach, expect, it, vi } from 'vitest';
import { ThreadPool } from './threadPool';

const folder = mkdtempSync(path.join(tmpdir(), 'bent-pail-threads-'));
mkdirSync(folder, { recursive: true });
writeFileSync(path.join(folder, 'package.json'), '{"type":"module"}');
writeFileSync(path.join(folder, 'double.js'), 'export default (n) => 2 * n;');
writeFileSync(path.join(folder, 'cut.js'), 'export default (n) => {');
writeFileSync(path.join(folder, 'never.js'), 'export default () => new Promise(() => setInterval(() => 0, 1000));');
afterAll(() => {
  rmSync(folder, { recursive: true });
});

const pools: ThreadPool<number, number>[] = [];
/** A pool of a program that stands in the folder, or does not. */
function poolOf(program: string): ThreadPool<number, number> {
  vi.stubEnv('BENT_PAIL_PROGRAMS', folder);
  const pool = new ThreadPool<number, number>(program, { idle_ms: 1000, heap_MB: 64, nice: 0 });
  pools.push(pool);
  return pool;
}
afterEach(async () => {
  vi.unstubAllEnvs();
  await Promise.all(pools.splice(0).map((pool) => pool.close()));
});

it('does one task after the other', async () => {
  const pool = poolOf('double');
  expect(await Promise.all([1, 2, 3].map((n) => pool.run(n)))).toEqual([2, 4, 6]);
});

it.each(['missing', 'cut'])(
  'says so where its program is %s, to everybody who waits, and again the next time',
  async (program) => {
    const pool = poolOf(program);
    const tried = await Promise.allSettled([pool.run(1), pool.run(2)]);
    expect(tried.map(({ status }) => status)).toEqual(['rejected', 'rejected']);
    await expect(pool.run(3)).rejects.toMatchObject({ status: 500, problem: { code: 'fault' } });
  },
);

it('gives a task up when it is told to', async () => {
  const pool = poolOf('never');
  const stop = new AbortController();
  const running = pool.run(1, stop.signal);
  setTimeout(() => {
    stop.abort();
  }, 300);
  await expect(running).rejects.toMatchObject({ name: 'AbortError' });
});
