import type { BlendPage, FilledPotPage, FilledPotRow, Page } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
let lotId: string;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  ({ lotId } = await putOnShelf(tester, { name: 'Potted bark' }));
});
afterAll(() => server.close());

const pot = (more: object = {}) => ({
  id: uuidv7(),
  name: `Camellia ${uuidv7().slice(-6)}`,
  count: 1,
  mediumKind: 'lot',
  mediumId: lotId,
  shape: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
  filledOn: '2026-10-01',
  fill_cm: 24,
  stand: 'mild',
  ...more,
});
const fill = async (more: object = {}): Promise<FilledPotPage> => {
  const { status, body } = await tester.post<FilledPotPage>('/pots', pot(more));
  expect(status, JSON.stringify(body)).toBe(201);
  return body;
};
const keepVersion = async (blendId: string, parts: number): Promise<void> => {
  const recipe = {
    lines: [{ lotId, parts }],
    potName: 'Tub',
    pot: { height_cm: 20 },
    model: 'average',
    lime_meqPerL: 0,
  };
  const said = { id: uuidv7(), blendId, name: `Mix ${blendId.slice(-6)}`, recipe };
  const { status, body } = await tester.post<BlendPage>('/blends', said);
  expect(status, JSON.stringify(body)).toBe(201);
};
const line = (more: object) => ({ id: uuidv7(), at: '2026-10-05T08:00:00Z', ...more });

describe('a filled pot', () => {
  it('is kept with what is in it, and stands in the list', async () => {
    const made = await fill({ name: 'By the gate', plant: 'Camellia', place: 'north door', count: 3 });
    expect(made).toMatchObject({ medium: expect.stringMatching(/^Potted bark, /) as string, count: 3, diary: [] });
    const { body } = await tester.get<Page<FilledPotRow>>('/pots?find=gate');
    expect(body.rows.map(({ id }) => id)).toEqual([made.id]);
    expect(body.rows[0]).toMatchObject({ name: 'By the gate', plant: 'Camellia', entries: 0, filledOn: '2026-10-01' });
    expect((await tester.get<Page<FilledPotRow>>('/pots?find=nothing+such')).body.rows).toEqual([]);
  });

  it('sent twice is one; the same id with another content is a conflict', async () => {
    const said = pot();
    await tester.post('/pots', said);
    expect((await tester.post('/pots', said)).status).toBe(201);
    expect((await tester.post('/pots', { ...said, count: 2 })).status).toBe(409);
  });

  it.each([
    [{ mediumId: uuidv7() }, 'mediumId'],
    [{ mediumKind: 'blend', mediumId: uuidv7() }, 'mediumId'],
    [{ fill_cm: 30 }, 'fill_cm'],
    [{ count: 0 }, 'count'],
    [{ stand: 'moon' }, 'stand'],
    [{ shape: { height_cm: 0 } }, 'shape.height_cm'],
  ])('is refused with %j at its field', async (wrong, path) => {
    const { status, body } = await tester.post('/pots', pot(wrong));
    expect(status).toBe(422);
    expect(body).toMatchObject({ error: { path } });
  });
});

describe('its diary', () => {
  it('has its lines by time, whenever they were written', async () => {
    const { id } = await fill();
    const add = (more: object) => tester.post<FilledPotPage>(`/pots/${id}/diary`, line(more));
    await add({ kind: 'weighed', mass_g: 9200, at: '2026-10-07T08:00:00Z' });
    await add({ kind: 'watered' });
    const { status, body } = await add({ kind: 'seen', words: 'buds', at: '2026-10-06T08:00:00Z' });
    expect(status).toBe(201);
    expect(body.diary.map(({ kind }) => kind)).toEqual(['watered', 'seen', 'weighed']);
    expect(body.diary[2]).toMatchObject({ mass_g: 9200, by: tester.me.name, at: '2026-10-07T08:00:00.000Z' });
    expect(body).toMatchObject({ entries: 3, lastAt: '2026-10-07T08:00:00.000Z' });
  });

  it.each([
    [{ kind: 'weighed' }, 'mass_g'],
    [{ kind: 'depth' }, 'depth_cm'],
    [{ kind: 'topped-up' }, 'depth_cm'],
    [{ kind: 'depth', depth_cm: 26 }, 'depth_cm'],
    [{ kind: 'seen' }, 'words'],
    [{ kind: 'sung' }, 'kind'],
    [{ kind: 'watered', at: '2999-01-01T00:00:00Z' }, 'at'],
    [{ kind: 'watered', at: 'yesterday' }, 'at'],
    [{ kind: 'watered', volume_mL: 0 }, 'volume_mL'],
  ])('takes no line that says nothing: %j', async (wrong, path) => {
    const { id } = await fill();
    const { status, body } = await tester.post(`/pots/${id}/diary`, line(wrong));
    expect(status).toBe(422);
    expect(body).toMatchObject({ error: { path } });
  });

  it('is of a pot that there is, and sent twice has the line once', async () => {
    expect((await tester.post(`/pots/${uuidv7()}/diary`, line({ kind: 'watered' }))).status).toBe(404);
    const { id } = await fill();
    const said = line({ kind: 'watered' });
    await tester.post(`/pots/${id}/diary`, said);
    const { body } = await tester.post<FilledPotPage>(`/pots/${id}/diary`, said);
    expect(body.diary).toHaveLength(1);
  });

  it('is written by those who work, read by readers, and changed by nobody', async () => {
    const { id } = await fill();
    await tester.post(`/pots/${id}/diary`, line({ kind: 'watered' }));
    const reader = await server.as('reader');
    expect((await reader.get(`/pots/${id}`)).status).toBe(200);
    expect((await reader.post(`/pots/${id}/diary`, line({ kind: 'watered' }))).status).toBe(403);
    expect((await (await server.as('panellist')).get(`/pots/${id}`)).status).toBe(403);
    await expect(server.db.query('delete from pot_entries')).rejects.toThrow();
    await expect(server.db.query('update pot_entries set mass_g = 1')).rejects.toThrow();
  });
});

describe('what fills it', () => {
  it('is the version of its blend that was the newest then, whatever was kept since', async () => {
    const blendId = uuidv7();
    await keepVersion(blendId, 1);
    const { id } = await fill({ mediumKind: 'blend', mediumId: blendId });
    await keepVersion(blendId, 3);
    const { body } = await tester.get<FilledPotPage>(`/pots/${id}`);
    expect(body).toMatchObject({ mediumKind: 'blend', mediumN: 1, held: { n: 1, flat: [{ lotId, parts: 1 }] } });
    const later = await fill({ mediumKind: 'blend', mediumId: blendId });
    expect(later).toMatchObject({ mediumN: 2, held: { n: 2, flat: [{ lotId, parts: 3 }] } });
  });

  it('is another medium in another pot once it was repotted into them, and its older lines stay', async () => {
    const blendId = uuidv7();
    await keepVersion(blendId, 2);
    const { id } = await fill();
    const add = (more: object) => tester.post<FilledPotPage>(`/pots/${id}/diary`, line(more));
    await add({ kind: 'watered' });
    await add({ kind: 'repotted', mediumKind: 'blend', mediumId: blendId, at: '2026-10-20T08:00:00Z' });
    const shape = { height_cm: 40, topDiameter_cm: 35, baseDiameter_cm: 30 };
    const { body } = await add({ kind: 'repotted', shape, at: '2026-10-22T08:00:00Z', depth_cm: 38 });
    expect(body).toMatchObject({ mediumKind: 'blend', mediumId: blendId, mediumN: 1, shape });
    expect(body.diary.map((one) => one.medium)).toEqual([undefined, expect.stringMatching(/^Mix /), undefined]);
    const { rows } = (await tester.get<Page<FilledPotRow>>(`/pots?find=${body.name}`)).body;
    expect(rows).toMatchObject([{ id, medium: body.medium, shape }]);
  });

  it.each([
    [{ kind: 'watered', mediumKind: 'lot', mediumId: uuidv7() }, 'mediumKind'],
    [{ kind: 'repotted', mediumKind: 'lot' }, 'mediumId'],
    [{ kind: 'repotted', mediumKind: 'lot', mediumId: uuidv7() }, 'mediumId'],
    [{ kind: 'repotted', depth_cm: 26 }, 'depth_cm'],
    [{ kind: 'seen', words: 'x', shape: { height_cm: 40 } }, 'shape'],
  ])('is not changed by %j', async (wrong, path) => {
    const { id } = await fill();
    const { status, body } = await tester.post(`/pots/${id}/diary`, line(wrong));
    expect(status).toBe(422);
    expect(body).toMatchObject({ error: { path } });
  });
});
