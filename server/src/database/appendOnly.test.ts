import type { RunSheet } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let shelf: Pumice;
let run: RunSheet;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
  run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${run.id}/exclusions`, { id: uuidv7(), replicate: 2, reason: 'knocked over' });
  await tester.post(`/runs/${run.id}/finish`);
  const recipe = {
    lines: [{ lotId: shelf.lotId, parts: 1 }],
    potName: 'Tub',
    pot: { height_cm: 20 },
    model: 'packing',
  };
  await tester.post('/blends', {
    id: uuidv7(),
    blendId: uuidv7(),
    name: 'Scree',
    recipe: { ...recipe, lime_meqPerL: 0 },
  });
});
afterAll(() => server.close());

describe('past the server', () => {
  it.each([
    ['readings', 'value = value + 1'],
    ['exclusions', `reason = 'another'`],
    ['vessel_fillings', 'full_g = full_g + 1'],
    ['run_stamps', `reason = 'another'`],
    ['blend_versions', `method = 'other'`],
    ['protocols', `hash = 'other'`],
    ['rubrics', `hash = 'other'`],
  ])('the database refuses to change or drop rows of %s', async (table, change) => {
    const rows = (): Promise<unknown> => server.db.query(`select * from ${table} order by 1, 2`);
    const before = await rows();
    expect(before).not.toEqual([]);
    const refusal = new RegExp(`rows of ${table} are only added`);
    await expect(server.db.query(`update ${table} set ${change}`)).rejects.toThrow(refusal);
    await expect(server.db.query(`delete from ${table}`)).rejects.toThrow(refusal);
    // A demo may be emptied whole; nobody's own notebook can.
    await server.db.query('update notebook set demo = false');
    await expect(server.db.query(`truncate ${table} cascade`)).rejects.toThrow(/are only added/);
    await server.db.query('update notebook set demo = true');
    expect(await rows()).toEqual(before);
  });
});

describe('over HTTP', () => {
  it.each(['DELETE', 'PUT', 'PATCH'])(
    '%s of a reading that is there finds nothing to do it, and it stays',
    async (method) => {
      const sheet = async (): Promise<RunSheet> => (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
      const before = await sheet();
      const id = before.readings[0]?.id as string;
      for (const address of [`/runs/${run.id}/readings/${id}`, `/readings/${id}`, `/runs/${run.id}/readings`])
        expect([address, (await tester.send(method, address, { value: 1 })).status]).toEqual([address, 404]);
      expect(await sheet()).toEqual(before);
    },
  );
});
