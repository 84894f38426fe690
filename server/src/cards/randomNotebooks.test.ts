import type { LotRow, RunSheet } from '@bent-pail/contract';
import { lotCard, reduceRun, runWaits, sameContent } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { toRunRecord } from '../bench/records';
import { contentsOf, differing } from '../backup/contents';
import pg from 'pg';
import { putOnShelf, startRun, type Pumice } from '../testing/bench';
import { chance, type Chance } from '../testing/chance';
import { recomputed } from '../testing/recomputed';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { rebuildCards } from './rebuild';

/** A sample here; all forty by npm run trials. */
const NOTEBOOKS = Number(process.env.BENT_PAIL_TRIALS ?? '2');
const STEPS = 60;
const CLASSES = ['pumice-coarse', 'bark-fine', 'coir-pith', 'sand-coarse'];

let server: TestServer;
let lead: Client;
beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
});
afterAll(() => server.close());

interface World {
  readonly shelf: Pumice;
  readonly lots: readonly string[];
  readonly runs: string[];
  readonly random: Chance;
}

const sheetOf = async (id: string): Promise<RunSheet> => (await lead.get<RunSheet>(`/runs/${id}`)).body;

async function begin(seed: number): Promise<World> {
  const random = chance(seed);
  const shelf = await putOnShelf(lead, { name: `Medium ${String(seed)}`, classId: random.pick(CLASSES) });
  const second = uuidv7();
  await lead.post('/lots', { id: second, materialId: shelf.materialId, code: 'B', price: 9, packVolume_L: 30 });
  return { shelf, lots: [shelf.lotId, second], runs: [], random };
}

/** Weighings about which a sheet can be worked out, and now and then some that contradict each other. */
const MASSES: Readonly<Record<string, number>> = {
  waterTemp: 18,
  tare: 312,
  filled: 900,
  saturated: 1540,
  drained: 1155,
  drainedDepth: 11.9,
  dryTray: 20,
  dry: 530,
};

/** One thing that somebody does to a notebook; what is refused is refused. */
async function act(world: World): Promise<void> {
  const { shelf, lots, runs, random } = world;
  const at = new Date(server.clock.now()).toISOString();
  server.clock.forward(random.whole(90));
  const runId = runs.length === 0 ? undefined : random.pick(runs);
  const what = random.pick([
    'start',
    'fill',
    'fill',
    'fill',
    'read',
    'correct',
    'correct',
    'exclude',
    'finish',
    'finish',
    'reopen',
    'class',
    'own class',
    'price',
    'vessel',
    'take up',
  ] as const);
  if (runId === undefined || what === 'start') {
    if (runs.length > 5) return;
    const protocol = random.pick(['saturate-drain-dry', 'ph-1to5', 'saturate-drain-dry', 'smell']);
    runs.push((await startRun(lead, { ...shelf, lotId: random.pick(lots) }, protocol)).id);
    return;
  }
  const send = (body: object) => lead.post(`/runs/${runId}/readings`, { id: uuidv7(), takenAt: at, ...body });
  const sheet = await sheetOf(runId);
  const valueOf = (step: string, kind: string): number =>
    kind === 'time'
      ? server.clock.now() / 1000 - 7200
      : kind === 'class'
        ? random.whole(3)
        : kind === 'pH'
          ? 5 + random.next()
          : (MASSES[step] ?? 100) * (0.98 + 0.04 * random.next());
  const rowOf = async (id: string): Promise<LotRow> =>
    (await lead.list<LotRow>('/lots')).find((one) => one.id === id) as LotRow;
  switch (what) {
    case 'fill':
      for (const step of sheet.protocol.steps)
        for (let replicate = 0; replicate < (step.once === true ? 1 : sheet.replicateCount); replicate += 1)
          if (
            step.optional !== true &&
            !sheet.readings.some((one) => one.step === step.key && one.replicate === replicate)
          )
            await send({ replicate, step: step.key, value: valueOf(step.key, step.kind) });
      return;
    case 'read': {
      const step = random.pick(sheet.protocol.steps);
      await send({
        replicate: step.once === true ? 0 : random.whole(sheet.replicateCount),
        step: step.key,
        value: valueOf(step.key, step.kind),
      });
      return;
    }
    case 'correct': {
      if (sheet.readings.length === 0) return;
      const old = random.pick(sheet.readings);
      const kind = sheet.protocol.steps.find(({ key }) => key === old.step)?.kind ?? '';
      await send({
        replicate: old.replicate,
        step: old.step,
        value: valueOf(old.step, kind),
        corrects: old.id,
        reason: 'read again',
      });
      return;
    }
    case 'exclude':
      await lead.post(`/runs/${runId}/exclusions`, {
        id: uuidv7(),
        replicate: random.whole(sheet.replicateCount),
        reason: 'knocked over',
      });
      return;
    case 'finish':
      await lead.post(`/runs/${runId}/finish`);
      return;
    case 'reopen':
      await lead.post(`/runs/${runId}/reopen`, { id: uuidv7(), reason: 'one weighing was missing' });
      return;
    case 'class':
      await lead.send('PATCH', `/materials/${shelf.materialId}`, {
        version: (await rowOf(shelf.lotId)).materialVersion,
        classId: random.pick([...CLASSES, null]),
      });
      return;
    case 'own class':
    case 'price': {
      const lotId = random.pick(lots);
      const change = what === 'price' ? { price: 5 + random.whole(20) } : { classId: random.pick([...CLASSES, null]) };
      await lead.send('PATCH', `/lots/${lotId}`, { version: (await rowOf(lotId)).version, ...change });
      return;
    }
    case 'vessel':
      await lead.post(`/vessels/${random.pick(shelf.vesselIds)}/fillings`, {
        id: uuidv7(),
        empty_g: 300,
        full_g: 1340 + random.whole(30),
        waterTemp_C: 20,
        sure: true,
      });
      return;
    case 'take up':
      await lead.post(`/runs/${runId}/fillings`, { id: uuidv7(), reason: 'the fill line had moved' });
  }
}

interface Row {
  readonly id: string;
  readonly card: object;
  readonly pail: object | null;
  readonly component: object | null;
}

async function check(world: World): Promise<void> {
  await server.app.cards.settled();
  const sheets = await Promise.all(world.runs.map(sheetOf));
  for (const record of recomputed(await lead.list<LotRow>('/lots'), world.lots, sheets)) {
    const lotId = record.id;
    const expected = lotCard(record);
    const [row] = await server.db.query<Row[]>(
      'select lot_id as id, card, pail, component from lot_cards where lot_id = $1',
      [lotId],
    );
    const { pail, component, ...card } = JSON.parse(JSON.stringify(expected)) as typeof expected;
    expect(sameContent(row?.card, card)).toBe(true);
    expect(sameContent(row?.pail ?? undefined, pail)).toBe(true);
    expect(sameContent(row?.component ?? undefined, component)).toBe(true);
    const figures = await server.db.query<{ property: string; mean: number; n: number }[]>(
      'select property, mean, n from lot_figures where lot_id = $1 order by place',
      [lotId],
    );
    expect(figures).toEqual(expected.figures.map(({ property, summary: { mean, n } }) => ({ property, mean, n })));
  }
  for (const id of world.runs) {
    const record = toRunRecord(await sheetOf(id));
    const figures = await server.db.query<{ property: string; mean: number }[]>(
      'select property, mean from run_figures where run_id = $1 order by place',
      [id],
    );
    const states = await server.db.query<{ waits: object }[]>('select waits from run_states where run_id = $1', [id]);
    if (record.finishedAt === undefined) {
      expect(figures).toEqual([]);
      expect(sameContent(states[0]?.waits, runWaits(record))).toBe(true);
    } else {
      expect(states).toEqual([]);
      expect(figures).toEqual(
        reduceRun(record).properties.flatMap(({ property, summary }) =>
          summary === undefined ? [] : [{ property, mean: summary.mean }],
        ),
      );
    }
  }
}

describe('the rows beside the readings', () => {
  it.each(Array.from({ length: NOTEBOOKS }, (_, i) => 100 + i))(
    'say what the readings say, whatever was done in whatever order: seed %i',
    async (seed) => {
      const world = await begin(seed);
      for (let i = 0; i < STEPS; i += 1) await act(world);
      expect(world.runs.length).toBeGreaterThan(0);
      await check(world);
    },
    120000,
  );

  it('are rebuilt to the same bytes', async () => {
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    const before = await contentsOf(client);
    expect(before.lot_figures?.rows).toBeGreaterThan(10);
    expect(before.run_figures?.rows).toBeGreaterThan(10);
    await rebuildCards(server.db);
    expect(differing(before, await contentsOf(client))).toEqual([]);
    await client.end();
  });
});
