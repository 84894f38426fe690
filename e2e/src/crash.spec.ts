import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, test } from '@playwright/test';
import { busyBench, type AtWork } from './crash/bench';
import { seeded } from './crash/chance';
import { pause, type Mortal } from './crash/mortal';
import { proxyTo, World } from './crash/world';

/** A seeded sample in every test run; `npm run crash` does all of it. */
const FULL = process.env.BENT_PAIL_CRASH === 'full';
const KILLS = Number(process.env.BENT_PAIL_KILLS ?? (FULL ? '1000' : '5'));
/** Of PostgreSQL, stopped and killed each. */
const DEATHS = Number(process.env.BENT_PAIL_DEATHS ?? (FULL ? '50' : '1'));
const SEED = Number(process.env.BENT_PAIL_SEED ?? '20261128');
/** A server lives so long before it is killed, ms. */
const LIVES = { least: 20, most: 700 };
const SETTLE_MS = 500;
const HOUR_MS = 3600_000;
const YEAR_H = 365.25 * 24;
const RECOVERY_MS = 5000;
const LIMIT_MS = FULL ? 2 * 3_600_000 : 240_000;

const say = (words: string): void => {
  if (FULL) process.stdout.write(`\n${words}\n`);
};

/** What 95 of 100 took at most: a machine on which something else begins takes its time once. */
const most = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(0.95 * (times.length - 1))] ?? 0;
const seconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;
const recovered = (times: readonly number[]): string =>
  `${seconds(most(times))} in 95 of 100, ${seconds(Math.max(...times))} at most`;

/** Everything that was answered is there, once; and nothing that was not sent. */
async function expectAllKept(world: World, work: readonly AtWork[]): Promise<string> {
  const told: string[] = [];
  for (const { writer, kind } of work) {
    const kept = (await world.rows<{ id: string }>(kind.kept)).map(({ id }) => id);
    const { acknowledged } = writer;
    if (kind.isReplaced === true) expect([kind.name, kept]).toEqual([kind.name, acknowledged.slice(-1)]);
    else {
      expect([kind.name, new Set(kept).size]).toEqual([kind.name, acknowledged.length]);
      expect([kind.name, [...kept].sort()]).toEqual([kind.name, [...acknowledged].sort()]);
    }
    told.push(`${String(acknowledged.length)} ${kind.name}`);
  }
  // Readings of a run stand one after the other, none in another's place.
  const places = await world.rows('select run_id, seq from readings group by 1, 2 having count(*) > 1');
  expect(places).toEqual([]);
  return told.join(', ');
}

async function whileWriting(work: readonly AtWork[], meanwhile: () => Promise<void>): Promise<void> {
  const writing = Promise.all(work.map(({ writer, kind }) => writer.write(kind)));
  await Promise.race([meanwhile(), writing]);
  await pause(SETTLE_MS);
  for (const { writer } of work) writer.stop();
  await writing;
}

test(`everything that was answered survives ${String(KILLS)} kills of the server: none lost, none twice`, async () => {
  test.setTimeout(LIMIT_MS);
  const random = seeded(SEED);
  const world = await World.begin();
  try {
    const server = await world.serve();
    const work = await busyBench(server.url);
    await whileWriting(work, async () => {
      for (let kill = 1; kill <= KILLS; kill += 1) {
        await pause(LIVES.least + random() * (LIVES.most - LIVES.least));
        await server.kill();
        await server.open();
        if (kill % 50 === 0) say(`${String(kill)} kills, nothing lost so far`);
      }
    });
    const told = await expectAllKept(world, work);
    say(`${String(KILLS)} kills, seed ${String(SEED)}: ${told}; ready again after ${recovered(server.openAfter_ms)}`);
    if (FULL) expect(most(server.openAfter_ms)).toBeLessThan(RECOVERY_MS);
  } finally {
    await world.end();
  }
});

test('everything that was answered is kept while the bench computer’s clock is set back, to another century’s end, and ahead', async () => {
  test.setTimeout(LIMIT_MS);
  const world = await World.begin();
  const folder = mkdtempSync(path.join(tmpdir(), 'bent-pail-clock-'));
  const file = path.join(folder, 'wrong-by');
  const set = (hours: number): void => {
    writeFileSync(file, String(hours * HOUR_MS));
  };
  set(0);
  try {
    const loaded = pathToFileURL(path.join(import.meta.dirname, 'crash/wrongClock.mjs')).href;
    const server = await world.serve({ NODE_OPTIONS: `--import=${loaded}`, BENT_PAIL_WRONG_CLOCK: file });
    const work = await busyBench(server.url);
    await whileWriting(work, async () => {
      for (const hours of [0, -2, -26 * YEAR_H, 3, 0]) {
        set(hours);
        await pause(FULL ? 20_000 : 1500);
      }
    });
    say(`the clock wrong by hours and years: ${await expectAllKept(world, work)}`);
    expect(server.lives).toBe(true);
    // It was wrong, and somebody who had the right time was told so.
    const [told] = await world.rows<{ first: Date; last: Date }>(
      'select min(kept_at) as first, max(kept_at) as last from readings',
    );
    expect(told?.first.getUTCFullYear()).toBe(new Date(Date.now() - 26 * YEAR_H * HOUR_MS).getUTCFullYear());
    expect(Number(told?.last)).toBeGreaterThan(Date.now() + 2 * HOUR_MS);
    expect(work.some(({ writer }) => writer.refused > 0)).toBe(true);
    // Once it is right again everything goes on.
    await work[0]?.writer.signIn('Isla Brandreth');
    expect((await work[0]?.writer.ask('/today'))?.status).toBe(200);
  } finally {
    await world.end();
    rmSync(folder, { recursive: true });
  }
});

test(`everything that was answered survives PostgreSQL stopped and killed ${String(DEATHS)} times each, and the server goes on by itself`, async () => {
  test.setTimeout(LIMIT_MS);
  const random = seeded(SEED + 1);
  const world = await World.begin();
  const back: number[] = [];
  try {
    const server = await world.serve();
    const work = await busyBench(server.url);
    await whileWriting(work, async () => {
      for (let death = 1; death <= 2 * DEATHS; death += 1) {
        await pause(LIVES.least + random() * (LIVES.most - LIVES.least));
        await world.endPostgres(death % 2 === 0 ? 'stopped' : 'killed');
        back.push(await server.untilReady());
        if (death % 20 === 0) say(`${String(death)} deaths of PostgreSQL, nothing lost so far`);
      }
    });
    const told = await expectAllKept(world, work);
    expect(server.lives).toBe(true);
    say(
      `${String(2 * DEATHS)} deaths of PostgreSQL, seed ${String(SEED + 1)}: ${told}; ready again after ${recovered(back)}`,
    );
  } finally {
    await world.end();
  }
});

test('two servers on one notebook behind a proxy: one is killed again and again, and nothing is lost or kept twice', async () => {
  test.setTimeout(LIMIT_MS);
  const random = seeded(SEED + 2);
  const world = await World.begin();
  const env = { BENT_PAIL_PROXIES: 'loopback' };
  try {
    const servers: readonly Mortal[] = [await world.serve(env), await world.serve(env)];
    const proxy = await proxyTo(servers);
    const work = await busyBench(proxy.url);
    const kills = Math.ceil(KILLS / 5);
    await whileWriting(work, async () => {
      for (let kill = 1; kill <= kills; kill += 1) {
        await pause(LIVES.least + random() * (LIVES.most - LIVES.least));
        const victim = servers[Math.floor(random() * servers.length)];
        await victim?.kill();
        await pause(random() * LIVES.most);
        await victim?.open();
      }
    });
    proxy.close();
    say(`${String(kills)} kills of one of two servers, seed ${String(SEED + 2)}: ${await expectAllKept(world, work)}`);
  } finally {
    await world.end();
  }
});
