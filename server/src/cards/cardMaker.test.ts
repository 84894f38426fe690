import type { LotCardPage, LotRow, RunSheet } from '@bent-pail/contract';
import { lotCard, sameContent, type LotRecord } from '@bent-pail/core';
import { afterAll, afterEach, beforeAll, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, reading, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { CardMaker } from './cardMaker';
import { loadLotRecord } from './lotRecord';
import { wantedOf, writeCard } from './repository';
import { workOut } from './workedOut';
import { ownWorkshop, threadWorkshop, type Workshop } from './workshop';

/** A workshop that works when it is told to. */
function patient(): Workshop & { readonly begun: string[]; readonly go: () => void } {
  const own = ownWorkshop();
  const waiting: (() => void)[] = [];
  const begun: string[] = [];
  return {
    ...own,
    begun,
    card: async (record, runIds) => {
      begun.push(record.id);
      await new Promise<void>((resolve) => waiting.push(resolve));
      return own.card(record, runIds);
    },
    go: () => {
      waiting.shift()?.();
    },
  };
}

let server: TestServer;
let tester: Client;
let lotId: string;
let run: RunSheet;
const makers: CardMaker[] = [];

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  const shelf = await putOnShelf(tester);
  ({ lotId } = shelf);
  run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
  await server.app.cards.settled();
});
afterEach(async () => {
  await Promise.all(makers.splice(0).map((maker) => maker.close()));
});
afterAll(() => server.close());

const until = async (isSo: () => boolean | Promise<boolean>): Promise<void> => {
  while (!(await isSo())) await new Promise((resolve) => setTimeout(resolve, 10));
};

const nothingElse = (): Promise<void> => Promise.resolve();

/** A maker besides the server's own, which does not hear of anything by itself. */
function maker(workshop: Workshop): CardMaker {
  const made = new CardMaker(server.db, workshop, () => undefined, nothingElse);
  makers.push(made);
  return made;
}

const counters = async (): Promise<{ wanted: number; made: number }> =>
  (
    await server.db.query<{ wanted: number; made: number }[]>('select wanted, made from lot_cards where lot_id = $1', [
      lotId,
    ])
  )[0] as never;
const ask = (): Promise<unknown> =>
  server.db.query('update lot_cards set wanted = wanted + 1 where lot_id = $1', [lotId]);

it('works a card out in a thread as it would in its own', async () => {
  const thread = threadWorkshop();
  try {
    const record = await loadLotRecord(server.db.manager, lotId);
    const worked = await thread.card(record, [run.id]);
    expect(sameContent(worked, await ownWorkshop().card(record, [run.id]))).toBe(true);
    expect(worked.figures.length).toBeGreaterThan(3);
    expect(worked.runs[0]?.figures.length).toBeGreaterThan(3);
    expect(sameContent(await thread.learn([]), await ownWorkshop().learn([]))).toBe(true);
  } finally {
    await thread.close();
  }
});

it('shows the card of before, and says that it follows, until the new one is whole', async () => {
  const before = (await tester.get<LotCardPage>(`/lots/${lotId}`)).body;
  expect(before.lot.following).toBeUndefined();
  await ask();
  const rows = await tester.list<LotRow>('/lots');
  expect(rows.find(({ id }) => id === lotId)).toMatchObject({ following: true, pail: before.lot.pail });
  await server.app.cards.settled();
  expect((await tester.list<LotRow>('/lots')).find(({ id }) => id === lotId)?.following).toBeUndefined();
});

it('makes a card once more that was asked for while it was made, and never lets an older one replace a newer', async () => {
  const slow = patient();
  const own = maker(slow);
  await ask();
  own.wake();
  await until(() => slow.begun.length === 1);
  const asked = await counters();
  await ask();
  // A program past the server answers the newer question meanwhile.
  const newer = await loadLotRecord(server.db.manager, lotId);
  await writeCard(server.db.manager, await wantedOf(server.db.manager, lotId), workOut(newer, []));
  expect(await counters()).toEqual({ wanted: asked.wanted + 1, made: asked.wanted + 1 });
  slow.go();
  await own.settled();
  expect(await counters()).toEqual({ wanted: asked.wanted + 1, made: asked.wanted + 1 });

  await ask();
  own.wake();
  await until(() => slow.begun.length === 2);
  await ask();
  slow.go();
  await until(() => slow.begun.length === 3);
  slow.go();
  await own.settled();
  const { wanted, made } = await counters();
  expect(made).toBe(wanted);
});

it('is closed in the middle of a card without waiting for others, and leaves them asked for', async () => {
  const slow = patient();
  const own = maker(slow);
  await server.db.query('update lot_cards set wanted = wanted + 1');
  own.wake();
  await until(() => slow.begun.length === 1);
  const closed = own.close();
  slow.go();
  await closed;
  expect(slow.begun).toHaveLength(1);
  await server.app.cards.settled();
});

it('tries again where working out failed, and tells of it', async () => {
  const told: unknown[] = [];
  const own = ownWorkshop();
  let failures = 1;
  const flaky: Workshop = {
    ...own,
    card: (record: LotRecord, runIds) => {
      failures -= 1;
      return failures >= 0 ? Promise.reject(new Error('the thread is gone')) : own.card(record, runIds);
    },
  };
  const second = new CardMaker(server.db, flaky, (error) => told.push(error), nothingElse);
  makers.push(second);
  await ask();
  second.wake();
  await until(async () => {
    const { wanted, made } = await counters();
    return wanted === made;
  });
  expect(told).toHaveLength(1);
});

it('follows a correction of a finished run', async () => {
  const sheet = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
  const wrong = sheet.readings.find(({ step, replicate }) => step === 'drained' && replicate === 0);
  const water = async (): Promise<number> =>
    (await tester.get<LotCardPage>(`/lots/${lotId}`)).body.lot.pail?.water ?? 0;
  const before = await water();
  const more = { corrects: wrong?.id, reason: 'scale read again' };
  await tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'drained', (wrong?.value ?? 0) + 30, more));
  expect(await water()).toBeGreaterThan(before);
  const record = await loadLotRecord(server.db.manager, lotId);
  expect(await water()).toBe(lotCard(record).pail?.water);
});

it('lets lots of a material that were not tested follow those that were, and asks no one where nothing changed', async () => {
  const own = await tester.get<LotCardPage>(`/lots/${lotId}`);
  const id = uuidv7();
  await tester.post('/lots', { id, materialId: own.body.lot.materialId, code: 'PM-4' });
  await server.app.cards.settled();
  const { card } = (await tester.get<LotCardPage>(`/lots/${id}`)).body;
  expect(card.curve?.note).toMatch(/^Curve as 1 other lot of this material has it/);

  const asked = async (): Promise<number> => (await wantedOf(server.db.manager, id)).wanted;
  const before = await asked();
  await ask();
  await server.app.cards.settled();
  expect(await asked()).toBe(before);

  const spilt = { id: uuidv7(), replicate: 2, reason: 'it was spilt' };
  expect((await tester.post(`/runs/${run.id}/exclusions`, spilt)).status).toBe(201);
  await server.app.cards.settled();
  expect(await asked()).toBe(before + 1);
});
