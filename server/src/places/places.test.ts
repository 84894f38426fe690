import type { FilledPotPage, PlaceRow } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const months = (mmPerD: number) => Array.from({ length: 12 }, () => ({ mmPerD, rain_mmPerD: 1 }));
const place = (more: object = {}) => ({
  id: uuidv7(),
  name: `Terrace ${uuidv7().slice(-6)}`,
  months: months(2),
  windy: false,
  on: 'ground',
  ...more,
});
const put = async (said: object): Promise<PlaceRow[]> => {
  const { status, body } = await tester.post<PlaceRow[]>('/places', said);
  expect(status, JSON.stringify(body)).toBe(201);
  return body;
};

describe('a place', () => {
  it('is kept with its months, and corrected by being sent again', async () => {
    const said = place({ soil: 'clay', hardness_mgL: 280 });
    expect(await put(said)).toContainEqual({ ...said, pots: 0, top_m2: 0, topUp_L: 0 });
    const corrected = place({ id: said.id, name: said.name, windy: true, months: months(3) });
    await put(corrected);
    const listed = (await tester.get<PlaceRow[]>('/places')).body.filter(({ id }) => id === said.id);
    expect(listed).toEqual([{ ...corrected, pots: 0, top_m2: 0, topUp_L: 0 }]);
  });

  it.each([
    [{ months: months(2).slice(1) }, 'months'],
    [{ months: [...months(2).slice(1), { mmPerD: -1, rain_mmPerD: 0 }] }, 'months[11].mmPerD'],
    [{ on: 'moon' }, 'on'],
    [{ soil: 'peat' }, 'soil'],
    [{ windy: 'often' }, 'windy'],
    [{ hardness_mgL: -3 }, 'hardness_mgL'],
    [{ name: '' }, 'name'],
  ])('is refused with %j at its field', async (wrong, path) => {
    const { status, body } = await tester.post('/places', place(wrong));
    expect([status, body]).toMatchObject([422, { error: { path } }]);
  });

  it('has a name of its own', async () => {
    const said = place();
    await put(said);
    const { status, body } = await tester.post('/places', place({ name: said.name.toUpperCase() }));
    expect([status, body]).toMatchObject([422, { error: { path: 'name' } }]);
  });

  it('is read by readers and kept by those who work', async () => {
    const reader = await server.as('reader');
    expect((await reader.get('/places')).status).toBe(200);
    expect((await reader.post('/places', place())).status).toBe(403);
    expect((await (await server.as('panellist')).get('/places')).status).toBe(403);
  });
});

describe('pots at a place', () => {
  it('count there with their tops and the year’s top-up, until they are emptied', async () => {
    const said = place();
    await put(said);
    const { lotId } = await putOnShelf(tester, { name: 'Bark at a place' });
    const pot = {
      id: uuidv7(),
      name: 'Tubs',
      count: 3,
      mediumKind: 'lot',
      mediumId: lotId,
      shape: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
      filledOn: '2026-10-01',
      fill_cm: 24,
      stand: 'mild',
      placeId: said.id,
    };
    const made = await tester.post<FilledPotPage>('/pots', pot);
    expect([made.status, made.body]).toMatchObject([201, { place: said.name, placeId: said.id }]);
    const add = async (more: object): Promise<void> => {
      const { status, body } = await tester.post(`/pots/${pot.id}/diary`, { id: uuidv7(), ...more });
      expect(status, JSON.stringify(body)).toBe(201);
      await server.app.cards.settled();
    };
    await add({ kind: 'depth', depth_cm: 23, at: '2026-10-02T08:00:00Z' });
    await add({ kind: 'depth', depth_cm: 22, at: '2026-11-02T08:00:00Z' });
    const here = async () => (await tester.get<PlaceRow[]>('/places')).body.find(({ id }) => id === said.id);
    const row = await here();
    expect(row).toMatchObject({ pots: 3 });
    expect(row?.top_m2).toBeCloseTo(3 * (Math.PI / 4) * 0.28 ** 2, 9);
    expect(row?.topUp_L ?? 0).toBeGreaterThan(0.5);
    await add({ kind: 'emptied', at: '2026-11-03T08:00:00Z' });
    expect(await here()).toMatchObject({ pots: 0, top_m2: 0, topUp_L: 0 });
  });

  it('stand at one that there is', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'Bark nowhere' });
    const pot = { id: uuidv7(), name: 'x', count: 1, mediumKind: 'lot', mediumId: lotId };
    const shape = { height_cm: 25 };
    const said = { ...pot, shape, filledOn: '2026-10-01', stand: 'mild', placeId: uuidv7() };
    const { status, body } = await tester.post('/pots', said);
    expect([status, body]).toMatchObject([422, { error: { path: 'placeId' } }]);
  });

  it('believe the month of their place before they are weighed, and ask anew when it is corrected', async () => {
    const said = place({ months: months(1) });
    await put(said);
    const { lotId } = await putOnShelf(tester, { name: 'Bark by month', classId: 'bark-fine' });
    const id = uuidv7();
    const shape = { height_cm: 12, topDiameter_cm: 14, baseDiameter_cm: 10 };
    const medium = { mediumKind: 'lot', mediumId: lotId };
    await tester.post('/pots', {
      id,
      name: 'Pot',
      count: 1,
      ...medium,
      shape,
      filledOn: '2026-11-01',
      stand: 'mild',
      placeId: said.id,
    });
    for (const more of [
      { kind: 'watered', at: '2026-11-23T08:00:00Z' },
      { kind: 'weighed', mass_g: 1500, at: '2026-11-23T09:00:00Z' },
    ])
      await tester.post(`/pots/${id}/diary`, { id: uuidv7(), ...more });
    const dueIn = async (): Promise<number> => {
      await server.app.cards.settled();
      const { body } = await tester.get<FilledPotPage>(`/pots/${id}`);
      return Date.parse(body.next?.at ?? '') - server.clock.at;
    };
    const slow = await dueIn();
    await put({ ...said, months: months(6) });
    expect(await dueIn()).toBeLessThan(0.7 * slow);
  });
});
