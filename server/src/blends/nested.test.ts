import type { BlendPage, DeskBlend, LotRow, Recipe } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let bark: string;
let pumice: string;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  bark = (await putOnShelf(tester, { name: 'Bark', classId: 'bark-graded' })).lotId;
  pumice = (await putOnShelf(tester)).lotId;
});
afterAll(() => server.close());

type Lines = readonly object[];
const keep = (lines: Lines, blendId = uuidv7(), more: Partial<Recipe> = {}) =>
  tester.post<BlendPage & { error: { path: string; message: string } }>('/blends', {
    id: uuidv7(),
    blendId,
    name: `Mix ${blendId.slice(-4)}`,
    recipe: { lines, potName: 'Tub', pot: { height_cm: 20 }, model: 'packing', lime_meqPerL: 0, ...more },
  });

describe('a blend inside a blend', () => {
  it('predicts what its lots mixed at once would be, and names its lines', async () => {
    const base = (
      await keep([
        { lotId: bark, parts: 3 },
        { lotId: pumice, parts: 1 },
      ])
    ).body;
    const made = base.versions[0]?.result.volume as number;
    const outer = (
      await keep([
        { blend: { id: base.id, n: 1 }, parts: made },
        { lotId: pumice, parts: 2 },
      ])
    ).body;
    const flat = (
      await keep([
        { lotId: bark, parts: 3 },
        { lotId: pumice, parts: 3 },
      ])
    ).body;
    const [one, other] = [outer.versions[0], flat.versions[0]];
    expect(one?.result.air).toBeCloseTo(other?.result.air as number, 9);
    expect(one?.result.water).toBeCloseTo(other?.result.water as number, 9);
    expect(one?.names).toEqual([`${base.name}, version 1`, expect.any(String)]);
    expect(one?.flat).toEqual([
      { lotId: bark, parts: expect.closeTo(3, 9) as number },
      { lotId: pumice, parts: expect.closeTo(3, 9) as number },
    ]);
  });

  it('keeps meaning the version that it named, whatever comes after', async () => {
    const base = (await keep([{ lotId: bark, parts: 1 }])).body;
    const outer = (await keep([{ blend: { id: base.id, n: 1 }, parts: 1 }])).body;
    await keep([{ lotId: pumice, parts: 1 }], base.id);
    const again = (await tester.get<BlendPage>(`/blends/${outer.id}`)).body;
    expect(again.versions[0]?.flat.map(({ lotId }) => lotId)).toEqual([bark]);
    const row = (await tester.get<DeskBlend[]>('/blends/desk')).body.find(({ id }) => id === base.id);
    expect(row?.kept.map(({ n }) => n)).toEqual([2, 1]);
  });

  it('takes the lots of its insides from stock', async () => {
    await tester.post(`/lots/${bark}/stock`, { id: uuidv7(), stock_L: 100 });
    const base = (
      await keep([
        { lotId: bark, parts: 2 },
        { lotId: pumice, parts: 2 },
      ])
    ).body;
    const outer = (
      await keep([
        { blend: { id: base.id, n: 1 }, parts: 1 },
        { lotId: bark, parts: 1 },
      ])
    ).body;
    const batch = { id: uuidv7(), materialId: uuidv7(), code: 'B1', made_L: 20 };
    expect((await tester.post(`/blends/${outer.id}/versions/1/batches`, batch)).status).toBe(201);
    const version = outer.versions[0];
    const share = (version?.flat.find(({ lotId }) => lotId === bark)?.parts ?? 0) / (version?.result.volume ?? 1);
    const left = (await tester.list<LotRow>('/lots')).find(({ id }) => id === bark)?.stock_L;
    expect(left).toBeCloseTo(100 - 20 * share, 3);
  });

  it('is refused at its line where there is none', async () => {
    const answer = await keep([
      { lotId: bark, parts: 1 },
      { blend: { id: uuidv7(), n: 1 }, parts: 1 },
    ]);
    expect(answer.status).toBe(422);
    expect(answer.body.error.path).toBe('recipe.lines[1].blend');
  });
});

describe('what a recipe says besides', () => {
  it('is kept as it was written', async () => {
    const lines = [
      { lotId: bark, parts: 2.5, written: '2-3 parts bark', least: 2, most: 3, job: 'air' },
      { lotId: pumice, parts: 1, or: [bark], optional: true, onTop: true },
    ];
    const additives = [{ name: 'bone meal', gPerL: 2, n_percent: 4 }];
    const { body, status } = await keep(lines, uuidv7(), { additives, part_L: 10, scoopShare: 0.25 });
    expect(status).toBe(201);
    expect(body.versions[0]?.recipe).toMatchObject({ lines, additives, part_L: 10, scoopShare: 0.25 });
  });

  it('takes a measured shrink with its model, and sulphur as negative lime', async () => {
    const lines = [
      { lotId: bark, parts: 1 },
      { lotId: pumice, parts: 1 },
    ];
    const { body } = await keep(lines, uuidv7(), { model: 'measured', shrink: 0.12, lime_meqPerL: -5 });
    expect(body.versions[0]?.result.shrink).toBeCloseTo(0.12, 9);
    expect((await keep(lines, uuidv7(), { model: 'measured' })).body.error.path).toBe('recipe.shrink');
  });

  it.each([
    [[{ parts: 1 }], 'recipe.lines[0].lotId'],
    [[{ lotId: 'bark', parts: 1 }], 'recipe.lines[0].lotId'],
    [[{ lotId: uuidv7(), parts: 1, job: 'magic' }], 'recipe.lines[0].job'],
    [[{ lotId: uuidv7(), parts: 1 }], 'recipe.lines[0].lotId'],
  ])('%j is refused at its place', async (lines, path) => {
    expect((await keep(lines)).body.error.path).toBe(path);
  });
});
