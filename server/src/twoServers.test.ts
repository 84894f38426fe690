import type { LotCardPage, RunPhoto, RunSheet, SessionState } from '@bent-pail/contract';
import { randomBytes } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { setTimeout as pause } from 'node:timers/promises';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { holdAlbum } from './albums/repository';
import { BackupKeeper } from './backups/keeper';
import { unlessAnother } from './database/onlyOne';
import { fillSheet, putOnShelf, reading, startRun, type Pumice } from './testing/bench';
import { keepWaiting, PART_BYTES, takeWaiting } from './notebookFile/waitingRepository';
import { hears } from './testing/hears';
import { added, lookAtTable, takeTableIn } from './testing/tableFiles';
import { startTestServer, type Client, type TestServer } from './testing/testServer';

let one: TestServer;
let other: TestServer;
let lead: Client;
let tester: Client;
let shelf: Pumice;

beforeAll(async () => {
  one = await startTestServer();
  other = await startTestServer({ beside: one });
  lead = await one.as('lead');
  tester = await one.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(async () => {
  await other.close();
  await one.close();
});

const inParts = (file: Buffer): Buffer[] =>
  Array.from({ length: Math.ceil(file.length / PART_BYTES) }, (_, at) =>
    file.subarray(at * PART_BYTES, (at + 1) * PART_BYTES),
  );

/** Who a browser is at a server. */
const nameAt = async (client: Client, server: TestServer): Promise<string | undefined> =>
  (await client.at(server).get<SessionState>('/session')).body.me?.name;

describe('two servers on one notebook', () => {
  it('know the same people: signed in at one, ended at both', async () => {
    const panellist = await one.as('panellist');
    expect(await nameAt(panellist, other)).toBe(panellist.me.name);
    one.clock.forward(1);
    expect((await lead.at(other).send('DELETE', `/users/${panellist.me.id}/sessions`)).status).toBe(204);
    expect(await nameAt(panellist, one)).toBeUndefined();
  });

  it('count wrong passwords together, and let the right person in elsewhere', async () => {
    const wrong = { name: 'Ines Corrigan', password: 'not this one, nor that' };
    for (let i = 0; i < 10; i += 1)
      expect((await (i % 2 === 0 ? one : other).anonymous().post('/session', wrong)).status).toBe(401);
    for (const server of [one, other]) expect((await server.anonymous().post('/session', wrong)).status).toBe(429);
    // Somebody else behind the same address is not kept waiting.
    expect((await other.anonymous().post('/session', { ...wrong, name: 'Tam Oswin' })).status).toBe(401);
    const kept = await one.db.query<{ key: string }[]>('select key from rate_hits');
    expect(kept.length).toBeGreaterThan(0);
    expect(JSON.stringify(kept)).not.toContain('Corrigan');
  });

  it('tell each other’s pages of a reading', async () => {
    const run = await startRun(tester, shelf, 'ph-1to5');
    const keep = () => tester.at(other).post(`/runs/${run.id}/readings`, reading(one, 0, 'pH', 5.1));
    expect(await hears(lead, `data: ${run.id}`, keep)).toBe(true);
  });

  it('keep the same reading once where both are sent it at the same time', async () => {
    const run = await startRun(tester, shelf, 'ph-1to5');
    const body = reading(one, 0, 'pH', 5.3);
    const answers = await Promise.all([one, other].map((at) => tester.at(at).post(`/runs/${run.id}/readings`, body)));
    expect(answers.map(({ status }) => status)).toEqual([201, 201]);
    expect((await tester.get<RunSheet>(`/runs/${run.id}`)).body.readings).toHaveLength(1);
  });

  it('show a card that follows, whichever of them makes it', async () => {
    const run = await startRun(tester, shelf);
    await fillSheet(one, tester, run);
    expect((await tester.at(other).post(`/runs/${run.id}/finish`)).status).toBe(200);
    const [mine, theirs] = await Promise.all(
      [one, other].map((at) => tester.at(at).get<LotCardPage>(`/lots/${shelf.lotId}`)),
    );
    expect(mine?.body.lot.finishedRuns).toBe(1);
    expect(mine?.body.lot.pail?.kind).toBe('measured');
    expect(theirs?.body).toEqual(mine?.body);
  });

  it('go on with cards where the one that was at it is gone', async () => {
    for (const { app } of [one, other]) await app.cards.settled();
    let letGo = (): void => undefined;
    const held = new Promise<void>((resolve) => {
      letGo = resolve;
    });
    let atIt: Promise<boolean> = Promise.resolve(false);
    await new Promise<void>((begun) => {
      atIt = unlessAnother(one.db, 'cards', () => {
        begun();
        return held;
      });
    });
    const run = await startRun(tester, shelf, 'ph-1to5');
    for (const replicate of [0, 1, 2])
      await tester.post(`/runs/${run.id}/readings`, reading(one, replicate, 'pH', 5.2 + replicate / 20));
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    const waits = () =>
      one.db.query<unknown[]>('select 1 from lot_cards where lot_id = $1 and wanted <> made', [shelf.lotId]);
    expect(await waits()).toHaveLength(1);
    letGo();
    expect(await atIt).toBe(true);
    await other.app.cards.settled();
    expect(await waits()).toHaveLength(0);
  });

  it('keep no more photos than an album holds, where both have room for one more at the same moment', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'Bark 5-15 mm' });
    const file = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#000' } })
      .jpeg()
      .toBuffer();
    const send = (at: TestServer) => tester.at(at).sendBytes(`/lots/${lotId}/photos/${uuidv7()}`, file, 'image/jpeg');
    expect((await send(one)).status).toBe(204);
    let sent = Promise.resolve(0);
    await one.db.transaction(async (manager) => {
      await holdAlbum(manager, { lotId });
      await manager.query(
        `insert into album_photos select (jsonb_populate_record(p, jsonb_build_object('id', gen_random_uuid()))).*
         from album_photos p, generate_series(1, 11) where lot_id = $1`,
        [lotId],
      );
      const answered: number[] = [];
      sent = send(other).then(({ status }) => {
        answered.push(status);
        return status;
      });
      const waiting = () =>
        one.db.query<unknown[]>(`select 1 from pg_locks where locktype = 'advisory' and not granted`);
      while (answered.length === 0 && (await waiting()).length === 0) await pause(10);
    });
    expect(await sent).toBe(422);
    expect((await tester.get<RunPhoto[]>(`/lots/${lotId}/photos`)).body).toHaveLength(12);
  });

  it('take in a table at one that was looked at by the other', async () => {
    const seen = await lookAtTable(tester, 'lots', 'name,code\nSharp sand,SS-1\n');
    expect(seen.body).toMatchObject({ isDone: false, refusals: [] });
    const done = await takeTableIn(tester.at(other), seen.body);
    expect(done.body, JSON.stringify(done.body)).toMatchObject({ isDone: true });
    expect(added(done.body, 'lots')).toBe(1);
    // It waits no longer.
    expect((await takeTableIn(tester, seen.body)).status).toBe(404);
  });

  it('hand on a file of several parts as it came, the last of two that were sent under one id', async () => {
    const id = uuidv7();
    const files = [randomBytes(3 * PART_BYTES), randomBytes(2 * PART_BYTES + 7)];
    for (const file of files) await keepWaiting(one.db, id, Readable.from(inParts(file)));
    const parts: Buffer[] = [];
    expect(await takeWaiting(other.db, id, (bytes) => Promise.resolve(parts.push(bytes)))).toBe(3);
    expect(Buffer.concat(parts).equals(files[1] as Buffer)).toBe(true);
  });

  it('take one backup of a day between them', async () => {
    const folder = await mkdtemp(path.join(tmpdir(), 'bent-pail-two-'));
    const { clock, databaseUrl: url } = one;
    clock.at = Date.now();
    const keepers = [one, other].map(
      ({ db }) =>
        new BackupKeeper({
          ...{ db, url, folder, clock },
          warn: (error) => {
            throw error;
          },
        }),
    );
    await Promise.all(keepers.map((keeper) => keeper.takeDaily()));
    expect(await keepers[0]?.list()).toHaveLength(1);
    await rm(folder, { recursive: true });
  });
});
