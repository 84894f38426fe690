import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { GOOD, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let lead: Client;
let shelf: Pumice;
let runId: string;
let instrumentId: string;
let blendId: string;
let raterId: string;

beforeAll(async () => {
  server = await startTestServer();
  const signedIn = await server.as('lead');
  lead = signedIn;
  raterId = signedIn.me.id;
  shelf = await putOnShelf(lead);
  runId = (await startRun(lead, shelf)).id;
  instrumentId = uuidv7();
  await lead.post('/instruments', { id: instrumentId, name: 'Scale of old', kind: 'scale', showsMv: false });
  blendId = uuidv7();
  await lead.post('/blends', version(blendId));
});
afterAll(() => server.close());

const version = (blend: string, pot = 20) => ({
  id: uuidv7(),
  blendId: blend,
  name: 'Mix',
  recipe: {
    lines: [{ lotId: shelf.lotId, parts: 3 }],
    potName: 'Tub',
    pot: { height_cm: pot },
    model: 'packing',
    lime_meqPerL: 0,
  },
});

/** One thing to make: where it is sent, what is said, and something else that could be said under the same id. */
interface Making {
  readonly address: () => string;
  readonly body: (id: string) => object;
  readonly other: object;
}

const word = (): string => uuidv7().slice(-8);
const at = '2026-11-24T07:00:00Z';

const MAKINGS: Readonly<Record<string, Making>> = {
  material: {
    address: () => '/materials',
    body: (id) => ({ id, name: `Bark ${word()}`, kind: 'material' }),
    other: { classId: 'bark-fine' },
  },
  lot: {
    address: () => '/lots',
    body: (id) => ({ id, materialId: shelf.materialId, code: word() }),
    other: { price: 3 },
  },
  vessel: {
    address: () => '/vessels',
    body: (id) => ({ id, name: word(), kind: 'vessel', shape: { height_cm: 12 } }),
    other: { shape: { height_cm: 13 } },
  },
  filling: {
    address: () => `/vessels/${shelf.vesselIds[0] ?? ''}/fillings`,
    body: (id) => ({ id, empty_g: 300, full_g: 1351, waterTemp_C: 20 }),
    other: { full_g: 1352 },
  },
  run: {
    address: () => '/runs',
    body: (id) => ({
      id,
      lotId: shelf.lotId,
      protocol: 'ph-1to5',
      replicates: 3,
      vesselIds: [],
      settings: { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 },
    }),
    other: { replicates: 4 },
  },
  'quick start': {
    address: () => '/quick-start',
    body: (id) => ({
      runId: id,
      name: `Coir ${word()}`,
      protocol: 'kitchen-form',
      materialId: uuidv7(),
      lotId: uuidv7(),
    }),
    other: { name: 'Grit' },
  },
  instrument: {
    address: () => '/instruments',
    body: (id) => ({ id, name: word(), kind: 'pH', showsMv: false }),
    other: { showsMv: true },
  },
  calibration: {
    address: () => `/instruments/${instrumentId}/calibrations`,
    body: (id) => ({ id, at, temp_C: 20, points: [{ nominal: 500, shown: 500.1 }] }),
    other: { temp_C: 21 },
  },
  job: {
    address: () => '/jobs',
    body: (id) => ({ jobs: [{ id, at, what: 'Soak', where: 'Tub' }] }),
    other: { jobs: [] },
  },
  laboratory: {
    address: () => '/laboratory',
    body: (id) => ({ id, lotId: shelf.lotId, delay_min: 1 }),
    other: { delay_min: 1440 },
  },
  batch: {
    address: () => `/blends/${blendId}/versions/1/batches`,
    body: (id) => ({ id, materialId: uuidv7(), code: word(), made_L: 4 }),
    other: { made_L: 5 },
  },
  'blend version': {
    address: () => '/blends',
    body: (id) => ({ ...version(uuidv7()), id }),
    other: { reason: 'lighter' },
  },
  person: {
    address: () => '/users',
    body: (id) => ({ id, name: `Bo ${word()}`, role: 'tester', password: 'a pail of grey water' }),
    other: { role: 'lead' },
  },
  count: {
    address: () => `/lots/${shelf.lotId}/stock`,
    body: (id) => ({ id, stock_L: 12 }),
    other: { stock_L: 13 },
  },
  preparation: {
    address: () => `/lots/${shelf.lotId}/prepared`,
    body: (id) => ({ id, code: word(), how: 'soaked' }),
    other: { how: 'rinsed' },
  },
  note: { address: () => `/runs/${runId}/notes`, body: (id) => ({ id, text: 'Rained on.' }), other: { text: 'Dry.' } },
  sitting: {
    address: () => '/sittings',
    body: (id) => ({
      id,
      rubric: 'pots-all-round',
      samples: [{ id: uuidv7(), lotId: shelf.lotId }],
      raterIds: [raterId],
    }),
    other: { label: 'Another one' },
  },
  reading: {
    address: () => `/runs/${runId}/readings`,
    body: (id) => ({ id, replicate: 0, step: 'tare', value: GOOD.tare, takenAt: at }),
    other: { value: 313 },
  },
};

/** Something else under the same id. */
function changed(making: Making, body: object): object {
  const { jobs } = body as { readonly jobs?: readonly object[] };
  return jobs === undefined ? { ...body, ...making.other } : { jobs: [{ ...jobs[0], where: 'Barrow' }] };
}

describe.each(Object.entries(MAKINGS))('a %s', (_name, making) => {
  it('sent again is kept once, and refused with other content', async () => {
    const body = making.body(uuidv7());
    const first = await lead.post(making.address(), body);
    expect(first.status, JSON.stringify(first.body)).toBeLessThan(300);
    const again = await lead.post(making.address(), body);
    expect(again.status, JSON.stringify(again.body)).toBe(first.status);
    const other = await lead.post(making.address(), changed(making, body));
    expect(other.status, JSON.stringify(other.body)).toBe(409);
    expect(JSON.stringify(other.body)).toMatch(/kept with other content/);
  });

  it('sent six times at once is kept once, and all six are told so', async () => {
    const body = making.body(uuidv7());
    const answers = await Promise.all([1, 2, 3, 4, 5, 6].map(() => lead.post(making.address(), body)));
    expect(new Set(answers.map(({ status }) => status)), JSON.stringify(answers[0]?.body)).toEqual(
      new Set([answers[0]?.status]),
    );
    expect(answers[0]?.status).toBeLessThan(300);
  });
});

it('a refusal leaves the id free for what was meant', async () => {
  const id = uuidv7();
  const body = { id, materialId: uuidv7(), code: 'X1' };
  expect((await lead.post('/lots', body)).status).toBe(422);
  expect((await lead.post('/lots', { ...body, materialId: shelf.materialId })).status).toBe(201);
});

it('a person sent again with another role is not answered as one', async () => {
  const body = { id: uuidv7(), name: `Ada ${word()}`, role: 'reader', password: 'a pail of grey water' };
  await lead.post('/users', body);
  expect((await lead.post('/users', { ...body, role: 'lead' })).status).toBe(409);
  const again = await lead.post('/users', { ...body, password: 'another pail of water' });
  expect(again.body).toMatchObject({ role: 'reader' });
});
