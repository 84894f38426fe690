import type { PlantRow, ProfileRow } from '@bent-pail/contract';
import { PLANTS, TARGET_PROFILES } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const ids = async (address: string): Promise<string[]> =>
  (await tester.get<{ readonly id: string }[]>(address)).body.map(({ id }) => id);
const away = (many: string, id: string, archived = true) => tester.send('PATCH', `/${many}/${id}`, { archived });

const profile = (more: object = {}) => ({
  id: uuidv7(),
  version: 0,
  label: 'Ferns on the north wall',
  container: { height_cm: 18 },
  targets: [{ property: 'air', ideal: [0.15, 0.3], limits: [0.08, null], weight: 2, must: true }],
  basis: 'bench lore',
  ...more,
});

describe('uses of one’s own', () => {
  it('stand beside the shipped ones, and can be changed', async () => {
    const body = profile();
    const kept = (await tester.post<ProfileRow[]>('/profiles', body)).body;
    expect(kept).toHaveLength(TARGET_PROFILES.length + 1);
    expect(kept.at(-1)).toMatchObject({ id: body.id, label: body.label, own: { version: 1 } });
    const next = { ...body, version: 1, label: 'Ferns' };
    expect((await tester.post<ProfileRow[]>('/profiles', next)).body.at(-1)).toMatchObject({ label: 'Ferns' });
    // The same again, because nobody answered: kept once. Something else on an old version: refused.
    expect((await tester.post<ProfileRow[]>('/profiles', next)).body.at(-1)).toMatchObject({ own: { version: 2 } });
    expect((await tester.post('/profiles', { ...next, label: 'Mosses' })).status).toBe(409);
  });

  it.each([
    [
      'a window upside down',
      { targets: [{ property: 'air', ideal: [0.3, 0.1], limits: [0, 1], weight: 1 }] },
      'targets[0].ideal',
    ],
    [
      'a window of words',
      { targets: [{ property: 'air', ideal: ['a', 1], limits: [0, 1], weight: 1 }] },
      'targets[0].ideal',
    ],
    [
      'what no blend has',
      { targets: [{ property: 'taste', ideal: [0, 1], limits: [0, 1], weight: 1 }] },
      'targets[0].property',
    ],
    ['no weight at all', { targets: [{ property: 'air', ideal: [0, 1], limits: [0, 1], weight: 0 }] }, 'targets'],
    ['no basis', { basis: '' }, 'basis'],
  ])('%s is refused at its place', async (_what, wrong, path) => {
    const answer = await tester.post<{ error: { path: string } }>('/profiles', profile(wrong));
    expect(answer.status).toBe(422);
    expect(answer.body.error.path).toBe(path);
  });

  it('stay while a plant points to them', async () => {
    const body = profile({ label: 'Mosses' });
    await tester.post('/profiles', body);
    const plant = {
      id: uuidv7(),
      version: 0,
      name: 'Fern',
      profileId: body.id,
      climate: 'shade',
      light: 'shade',
      keeps: [],
    };
    expect((await tester.post('/plants', plant)).status).toBe(200);
    expect((await away('profiles', body.id)).body).toMatchObject({
      error: { message: expect.stringMatching(/^Fern points to this use/) },
    });
    expect((await away('plants', plant.id)).status).toBe(204);
    expect((await away('profiles', body.id)).status).toBe(204);
    // Sent twice, as where nobody answered, it is no other.
    expect((await away('profiles', body.id)).status).toBe(204);
    expect(await ids('/profiles')).not.toContain(body.id);
    expect(await ids('/plants')).not.toContain(plant.id);
    expect((await tester.get<ProfileRow[]>('/profiles?away=yes')).body).toMatchObject([
      { id: body.id, label: 'Mosses', archived: true, own: { version: 1 } },
    ]);

    // A plant does not come back to a use that is not there.
    expect((await away('plants', plant.id, false)).body).toMatchObject({
      error: { message: expect.stringMatching(/^Its use, Mosses, is put away/) },
    });
    expect((await tester.post('/profiles', { ...body, version: 1 })).status).toBe(409);
    expect((await away('profiles', body.id, false)).status).toBe(204);
    expect((await away('plants', plant.id, false)).status).toBe(204);
    expect(await ids('/profiles')).toContain(body.id);
    expect(await ids('/plants')).toContain(plant.id);
    expect(await ids('/plants?away=yes')).toEqual([]);
    await away('plants', plant.id);
    for (const id of [uuidv7(), 'seed-plugs', plant.id]) expect((await away('profiles', id)).status).toBe(404);
  });
});

describe('plants', () => {
  it('begin with a list that is the notebook’s own from then on', async () => {
    const { body: plants } = await tester.get<PlantRow[]>('/plants');
    expect(plants.map(({ name }) => name)).toEqual(
      [...PLANTS.map(({ name }) => name)].sort((a, b) => a.localeCompare(b)),
    );
    const [first] = plants as [PlantRow];
    const changed = (await tester.post<PlantRow[]>('/plants', { ...first, climate: 'wind' })).body;
    expect(changed.find(({ id }) => id === first.id)).toMatchObject({ climate: 'wind', version: 2 });
    expect((await tester.post('/plants', { ...first, profileId: 'nothing' })).status).toBe(422);
  });

  it('are looked at by readers and changed by who works', async () => {
    const reader = await server.as('reader');
    expect((await reader.get('/plants')).status).toBe(200);
    expect((await reader.post('/plants', {})).status).toBe(403);
  });
});
