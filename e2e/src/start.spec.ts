import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';
import { ROOT } from './cluster';
import { beginNotebook, remembers } from './ownNotebook';
import { eventually, isReady, processesWith, runs, Started } from './started';
import { closedNotebook, journey, listing } from './startJourney';

journey(
  'a folder that is not a whole database is never touched; what was damaged opens once it is whole again',
  async ({ data }) => {
    await closedNotebook(data);
    const place = path.join(data, 'pg-empty');
    fs.renameSync(path.join(place, 'PG_VERSION'), path.join(data, 'kept'));
    const before = listing(data);
    const refused = await new Started(data).ended();
    expect(refused.code).toBe(1);
    expect(refused.said).toMatch(/is no whole database: it holds \d+ files, and PG_VERSION is not among them/);
    expect(refused.said).toContain('Nothing was changed');
    expect(listing(data)).toEqual(before);
    fs.renameSync(path.join(data, 'kept'), path.join(place, 'PG_VERSION'));
    const again = new Started(data);
    expect(await remembers(await again.address())).toBe(true);
    await again.stop();
  },
);

journey('a notebook that is not where it was is not begun anew, nor its password overwritten', async ({ data }) => {
  await closedNotebook(data);
  const [place, aside] = [path.join(data, 'pg-empty'), path.join(data, 'aside')];
  fs.renameSync(place, aside);
  const state = fs.readFileSync(path.join(data, 'pg-empty.json'), 'utf8');
  const refused = await new Started(data).ended();
  expect(refused).toMatchObject({
    code: 1,
    said: expect.stringContaining('Nothing was begun anew') as unknown as string,
  });
  expect(fs.existsSync(place)).toBe(false);
  expect(fs.readFileSync(path.join(data, 'pg-empty.json'), 'utf8')).toBe(state);
});

journey('a folder that was moved opens the same notebook, also where its state file was lost', async ({ data }) => {
  await closedNotebook(data);
  const moved = `${data}-moved`;
  fs.renameSync(data, moved);
  fs.rmSync(path.join(moved, 'pg-empty.json'));
  try {
    const again = new Started(moved);
    expect(await remembers(await again.address())).toBe(true);
    expect(again.said).toContain(`What is kept lives in ${path.join(moved, 'pg-empty')}`);
    await again.stop();
    expect(fs.existsSync(path.join(moved, 'pg-empty.json'))).toBe(true);
    // A state file that was cut off is said to be so, and put aside the notebook opens from its own copy.
    fs.writeFileSync(path.join(moved, 'pg-empty.json'), '{"passw');
    expect(await new Started(moved).ended()).toMatchObject({
      code: 1,
      said: expect.stringContaining('cannot be read') as unknown as string,
    });
  } finally {
    fs.renameSync(moved, data);
  }
});

journey('a folder with something else in its place is left alone', async ({ data }) => {
  fs.mkdirSync(path.join(data, 'pg-empty'));
  fs.writeFileSync(path.join(data, 'pg-empty', 'letters.txt'), 'dear');
  const refused = await new Started(data).ended();
  expect(refused).toMatchObject({
    code: 1,
    said: expect.stringContaining('is no whole database') as unknown as string,
  });
  expect(fs.readFileSync(path.join(data, 'pg-empty', 'letters.txt'), 'utf8')).toBe('dear');
});

journey('a second start says that one runs, and where, and leaves it running', async ({ data }) => {
  const first = new Started(data);
  const address = await first.address();
  await beginNotebook(address);
  const postgres = first.postgres();
  const second = await new Started(data).ended();
  expect(second.code).toBe(1);
  expect(second.said).toContain(`process ${String(first.pid)}, open at ${address}`);
  expect(runs(postgres)).toBe(true);
  expect(await isReady(address)).toBe(true);
  expect(await remembers(address)).toBe(true);
  expect(await first.stop()).toMatchObject({ code: 0 });
  expect(runs(postgres)).toBe(false);
});

journey('a server and a PostgreSQL that are killed are started again, and nothing is lost', async ({ data }) => {
  const start = new Started(data);
  const address = await start.address();
  await beginNotebook(address);
  const server = start.server();
  process.kill(server, 'SIGKILL');
  expect(await eventually(async () => !runs(server) && (await isReady(address)))).toBe(true);
  const postgres = start.postgres();
  process.kill(postgres, 'SIGKILL');
  // What it was doing for the server may go on for a moment: the server is ready still, and then is not.
  await start.until(/PostgreSQL ended \(.+\); it is started again\./);
  expect(await eventually(() => isReady(address))).toBe(true);
  expect(await remembers(address)).toBe(true);
  expect(start.said).toContain('The server ended (SIGKILL); it is started again.');
  expect(start.said).toMatch(/PostgreSQL ended \(.+\); it is started again\./);
  const [again, database] = [start.server(), start.postgres()];
  expect(await start.stop()).toMatchObject({ code: 0 });
  expect([runs(again), runs(database)]).toEqual([false, false]);
});

journey(
  'one that ends again and again ends the start with a sentence, and no PostgreSQL is left behind',
  async ({ data }) => {
    const start = new Started(data);
    await start.address();
    const postgres = start.postgres();
    let last = 0;
    for (let kills = 0; kills < 6; kills += 1) {
      await eventually(() => {
        const now = processesWith('server/dist/main.js').find((pid) => pid !== last && ofStart(pid, start.pid));
        if (now === undefined) return false;
        last = now;
        return true;
      });
      process.kill(last, 'SIGKILL');
    }
    const { code, said } = await start.ended();
    expect(code).toBe(1);
    expect(said).toMatch(/The server ended by itself again and again \(last by .+\), so that this start ends too/);
    expect(runs(postgres)).toBe(false);
  },
);

const ofStart = (pid: number, start: number): boolean => {
  try {
    return fs.readFileSync(`/proc/${String(pid)}/status`, 'utf8').includes(`PPid:\t${String(start)}`);
  } catch {
    return false;
  }
};

journey(
  'a start that is killed takes its server and its PostgreSQL with it, and the next one opens',
  async ({ data }) => {
    const first = new Started(data);
    await beginNotebook(await first.address());
    const [server, postgres] = [first.server(), first.postgres()];
    first.send('SIGKILL');
    expect(await eventually(() => !runs(server) && !runs(postgres))).toBe(true);
    const again = new Started(data);
    expect(await remembers(await again.address())).toBe(true);
    await again.stop();
  },
);

journey('a server that does not stop is ended by force', async ({ data }) => {
  const start = new Started(data);
  await start.address();
  const [server, postgres] = [start.server(), start.postgres()];
  process.kill(server, 'SIGSTOP');
  const asked = Date.now();
  expect(await start.stop()).toMatchObject({ code: 0 });
  expect(Date.now() - asked).toBeGreaterThan(4900);
  expect([runs(server), runs(postgres)]).toEqual([false, false]);
});

journey('what a start cannot do is a sentence, and not a stack', async ({ data }) => {
  const taken = net.createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const port = String((taken.address() as net.AddressInfo).port);
  const refusals: readonly [object, RegExp][] = [
    [{ env: { PORT: 'abc' } }, /PORT is abc, which is no port/],
    [{ env: { PORT: '70000' } }, /which is no port/],
    [{ env: { PORT: port } }, new RegExp(`Port ${port} is taken by another program`)],
    [{ args: ['--frobnicate'] }, /Unknown option '--frobnicate'. Known are: npm start -- --empty/],
    [{ args: ['--empty', 'now'] }, /Known are/],
    [{ args: ['--empty', '--fresh-demo'] }, /take one of them/],
    [{ env: { BENT_PAIL_DATA: '/sys/bent-pail' } }, /cannot be used: it (?:may not be written to|can only be read)/],
    [{ env: { DATABASE_URL: 'nonsense' } }, /DATABASE_URL is no address/],
  ];
  for (const [options, sentence] of refusals) {
    const { code, said } = await new Started(data, options).ended();
    expect([code, said]).toEqual([1, expect.stringMatching(sentence)]);
    expect(said).not.toMatch(/\n\s+at |is open at/);
  }
  taken.close();
});

journey('a backup of a notebook in use is restored into an empty place, and only there', async ({ data }) => {
  const npm = (script: string, args: readonly string[], folder: string) =>
    spawnSync(process.execPath, [path.join(ROOT, `scripts/${script}.mjs`), ...args], {
      cwd: ROOT,
      env: { ...process.env, BENT_PAIL_DATA: folder },
      encoding: 'utf8',
    });
  const start = new Started(data);
  const address = await start.address();
  await beginNotebook(address);
  const file = path.join(data, 'mine.tar');
  const taken = npm('backup', [file], data);
  expect(taken.stderr + taken.stdout).toContain(file);
  expect(taken.status).toBe(0);
  expect(npm('backup', [file], data)).toMatchObject({
    status: 1,
    stderr: expect.stringContaining('is there already') as unknown as string,
  });
  expect(npm('restore', ['--', file], data).stderr).toMatch(/in use already/);
  await start.stop();
  expect(npm('restore', [file], data).stderr).toMatch(/holds a notebook already/);
  // Closed, it can be backed up too.
  expect(npm('backup', [], data).status).toBe(0);
  expect(fs.readdirSync(path.join(data, 'backups'))).toEqual([expect.stringMatching(/^own-.*\.tar$/)]);

  const elsewhere = path.join(data, 'elsewhere');
  fs.mkdirSync(elsewhere, { mode: 0o755 });
  expect(npm('restore', [path.join(data, 'none.tar')], elsewhere).stderr).toMatch(/There is no file/);
  expect(npm('restore', [file], elsewhere)).toMatchObject({ status: 0 });
  const again = new Started(elsewhere);
  expect(await remembers(await again.address())).toBe(true);
  await again.stop();
});

journey('a notebook in a folder that nobody else may enter is found again where that folder was moved', async () => {
  // As root, PostgreSQL’s own user may not enter here, and the database lives elsewhere; as anybody else it lives inside.
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-home-'));
  const [data, moved] = [path.join(home, 'data'), path.join(home, 'moved')];
  const first = new Started(data);
  await beginNotebook(await first.address());
  const [, place = ''] = await first.until(/What is kept lives in (\S+)/);
  await first.stop();
  expect(place).toMatch(process.getuid?.() === 0 ? /^\/var\/lib\/bent-pail\// : new RegExp(`^${data}`));
  fs.renameSync(data, moved);
  const again = new Started(moved);
  expect(await remembers(await again.address())).toBe(true);
  await again.stop();
  fs.rmSync(home, { recursive: true, force: true });
  if (place.startsWith('/var/lib/bent-pail/')) fs.rmSync(path.dirname(place), { recursive: true, force: true });
});
