import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { busyBench } from './crash/bench';
import { World } from './crash/world';

/** Room for PostgreSQL's own files and a little more. */
const ROOM = '220m';
/** A disk of one's own is root's to make; elsewhere this journey is not told, and `npm run crash` says so. */
const MAY_MOUNT = process.getuid?.() === 0 && process.env.BENT_PAIL_CRASH === 'full';

if (MAY_MOUNT)
  test('a disk that is full under PostgreSQL loses nothing that was answered, says so, and goes on once there is room', async () => {
    test.setTimeout(10 * 60_000);
    const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-full-'));
    fs.chmodSync(folder, 0o755);
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${ROOM},mode=755`, 'tmpfs', folder]);
    const ballast = path.join(folder, 'ballast');
    const world = await World.begin(folder);
    try {
      const server = await world.serve();
      const [first] = await busyBench(server.url);
      if (first === undefined) throw new Error('nobody is at the bench');
      const { writer, kind } = first;
      const send = async (
        n: number,
      ): Promise<{ readonly id: string; readonly status: number; readonly said: string }> => {
        const { id, method, address, body } = kind.next(n, new Date().toISOString());
        const answer = await writer.send(method, address, body);
        return { id, status: answer.status, said: await answer.text() };
      };
      const kept: string[] = [];
      const before = await send(1);
      expect(before.status).toBe(201);
      kept.push(before.id);

      // dd ends where there is no more room, which is what it is for.
      try {
        execFileSync('dd', ['if=/dev/zero', `of=${ballast}`, 'bs=64k'], { stdio: 'ignore' });
      } catch {
        expect(fs.statSync(ballast).size).toBeGreaterThan(0);
      }
      let full: Awaited<ReturnType<typeof send>> | undefined;
      for (let n = 2; n < 3000 && full === undefined; n += 1) {
        const one = await send(n);
        if (one.status === 201) kept.push(one.id);
        else full = one;
      }
      expect([503, 507]).toContain(full?.status);
      expect(full?.said).toMatch(/disk of the bench computer is full|database does not answer/);
      expect((await fetch(`${server.url}/api/health`)).status).toBe(200);

      fs.rmSync(ballast);
      // PostgreSQL may have ended itself where it could not write; whoever started it starts it again.
      await world.bringPostgresBack();
      await server.untilReady();
      const after = await send(5000);
      expect(after.status).toBe(201);
      kept.push(after.id);
      const there = new Set((await world.rows<{ id: string }>(kind.kept)).map(({ id }) => id));
      expect(kept.filter((id) => !there.has(id))).toEqual([]);
      expect(server.lives).toBe(true);
    } finally {
      await world.end();
      execFileSync('umount', ['-l', folder]);
      fs.rmSync(folder, { recursive: true, force: true });
    }
  });
