import type { FillingRow, LotCardPage, RunSheet, VesselRow } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let reader: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  reader = await server.as('reader');
});
afterAll(() => server.close());

const filling = (full_g: number, more: object = {}) => ({
  id: uuidv7(),
  empty_g: 300,
  full_g,
  waterTemp_C: 20,
  ...more,
});
const fill = (who: Client, vessel: string, full_g: number, more: object = {}) =>
  who.post<VesselRow & { error: { code: string; message: string } }>(
    `/vessels/${vessel}/fillings`,
    filling(full_g, more),
  );
const fillings = async (vessel: string): Promise<FillingRow[]> =>
  (await tester.get<FillingRow[]>(`/vessels/${vessel}/fillings`)).body;
const volumeOf = async (vessel: string): Promise<number | undefined> =>
  (await tester.get<VesselRow[]>('/vessels')).body.find(({ id }) => id === vessel)?.volume_mL;

/** A finished run in vessels of its own. */
async function finished(): Promise<{ sheet: RunSheet; lotId: string; vessel: string }> {
  const shelf = await putOnShelf(tester, { name: `Pumice ${uuidv7().slice(-6)}` });
  const run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  const { body } = await tester.post<RunSheet>(`/runs/${run.id}/finish`);
  return { sheet: body, lotId: shelf.lotId, vessel: shelf.vesselIds[0] as string };
}
const waterOf = async (lotId: string): Promise<number | undefined> =>
  (await tester.get<LotCardPage>(`/lots/${lotId}`)).body.card.pail?.water;

describe('a filling', () => {
  it('far from the others is asked about, and kept when somebody is sure', async () => {
    const { vesselIds } = await putOnShelf(tester);
    const vessel = vesselIds[0] as string;
    const asked = await fill(tester, vessel, 301);
    expect(asked.status).toBe(422);
    expect(asked.body.error).toMatchObject({
      code: 'ask',
      message: '1 mL by this filling, 1052 mL by the one before. Fill and weigh it again, or say that it is right.',
    });
    expect(await fillings(vessel)).toHaveLength(1);
    expect((await fill(tester, vessel, 1400, { sure: true })).status).toBe(201);
    expect(await fillings(vessel)).toHaveLength(2);
  });

  it('has an author, can be corrected with a reason, and left out with one', async () => {
    const { vesselIds } = await putOnShelf(tester);
    const vessel = vesselIds[0] as string;
    const wrong = filling(1500, { sure: true });
    await tester.post(`/vessels/${vessel}/fillings`, wrong);
    expect((await fill(tester, vessel, 1351, { corrects: wrong.id })).status).toBe(422);
    expect((await fill(tester, vessel, 1351, { corrects: wrong.id, reason: 'read 1500 for 1351' })).status).toBe(201);
    // A filling is corrected once.
    expect((await fill(tester, vessel, 1352, { corrects: wrong.id, reason: 'again' })).status).toBe(422);
    const [better, corrected, first] = await fillings(vessel);
    expect(better).toMatchObject({ scale: { full_g: 1351 }, by: expect.stringContaining('tester') as string });
    expect(better).not.toHaveProperty('out');
    expect(corrected).toMatchObject({ scale: { full_g: 1500 }, out: 'corrected: read 1500 for 1351' });
    const leaveOut = (reason: string) =>
      tester.post(`/vessels/${vessel}/fillings/${(first as FillingRow).id}/exclusion`, { id: uuidv7(), reason });
    expect((await leaveOut('x')).status).toBe(422);
    expect((await leaveOut('the bung leaked')).status).toBe(201);
    expect((await leaveOut('the bung leaked')).status).toBe(409);
    expect(await volumeOf(vessel)).toBeCloseTo(1051 / 0.9982, 0);
  });

  it('beyond all bounds is refused, by the server and by the database', async () => {
    const { vesselIds } = await putOnShelf(tester);
    const vessel = vesselIds[0] as string;
    expect((await fill(tester, vessel, 1e9, { sure: true })).status).toBe(422);
    expect((await fill(tester, vessel, 300.5, { sure: true })).status).toBe(422);
    await expect(
      server.db.query(
        'insert into vessel_fillings (id, vessel_id, empty_g, full_g, water_temp_c, kept_at) values ($1, $2, 1, 1e9, 20, now())',
        [uuidv7(), vessel],
      ),
    ).rejects.toThrow(/vessel_fillings_bounds/);
  });
});

describe('a finished run', () => {
  it('stands on the fillings that it was finished with, says what has changed, and takes it up when told to', async () => {
    const { sheet, lotId, vessel } = await finished();
    const before = await waterOf(lotId);
    expect(sheet.remeasured).toEqual([]);
    server.clock.forward(5);
    await fill(tester, vessel, 1450, { sure: true });
    expect(await waterOf(lotId)).toBe(before);
    const shown = (await tester.get<RunSheet>(`/runs/${sheet.id}`)).body;
    expect(shown.vessels).toEqual(sheet.vessels);
    expect(shown.remeasured).toMatchObject([{ id: vessel, name: 'V1' }]);
    expect(shown.remeasured[0]?.was_mL).toBeCloseTo(1051.9, 0);
    expect(shown.remeasured[0]?.now_mL).toBeCloseTo(1102, 0);

    expect((await tester.post(`/runs/${sheet.id}/fillings`, { id: uuidv7(), reason: '' })).status).toBe(422);
    const taken = await tester.post<RunSheet>(`/runs/${sheet.id}/fillings`, {
      id: uuidv7(),
      reason: 'the fill line had moved',
    });
    expect(taken.status).toBe(201);
    expect(taken.body.remeasured).toEqual([]);
    expect(await waterOf(lotId)).toBeLessThan(before as number);
    expect((await reader.post(`/runs/${sheet.id}/fillings`, { id: uuidv7(), reason: 'because' })).status).toBe(403);
  });

  it('of before there were stamps stands on what it stood on', async () => {
    const { sheet, lotId, vessel } = await finished();
    // As the migration leaves it: all fillings that there were.
    await server.db.query('alter table run_stamps disable trigger user');
    await server.db.query('delete from run_stamps where run_id = $1', [sheet.id]);
    await server.db.query('alter table run_stamps enable trigger user');
    await server.db.query(
      `insert into run_stamps (id, run_id, filling_ids, by_user, kept_at)
       select gen_random_uuid(), r.id, array(select f.id from vessel_fillings f where f.vessel_id = any (r.vessel_ids)), r.started_by, r.finished_at
       from runs r where r.id = $1`,
      [sheet.id],
    );
    const before = await waterOf(lotId);
    await fill(tester, vessel, 1500, { sure: true });
    expect(await waterOf(lotId)).toBe(before);
  });

  it('an open one stands on the newest fillings', async () => {
    const shelf = await putOnShelf(tester);
    const run = await startRun(tester, shelf);
    await fill(tester, shelf.vesselIds[0] as string, 1450, { sure: true });
    const now = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    expect(now.vessels[0]?.fillings).toHaveLength(2);
    expect((await tester.post(`/runs/${run.id}/fillings`, { id: uuidv7(), reason: 'too early' })).status).toBe(422);
  });
});

describe('a vessel without a scale', () => {
  it('holds what the jug read, beside what a scale said', async () => {
    const { vesselIds } = await putOnShelf(tester);
    const vessel = vesselIds[0] as string;
    const jug = await tester.post<VesselRow>(`/vessels/${vessel}/fillings`, { id: uuidv7(), jug_mL: 1040 });
    expect(jug.status).toBe(201);
    const [newest, oldest] = await fillings(vessel);
    expect(newest).toMatchObject({ volume_mL: 1040 });
    expect(newest?.scale).toBeUndefined();
    expect(oldest?.scale).toMatchObject({ empty_g: 300 });
    expect(jug.body.volume_mL).toBeCloseTo((1040 + (oldest?.volume_mL ?? 0)) / 2, 9);
  });

  it('is measured by the one or the other, in full', async () => {
    const { vesselIds } = await putOnShelf(tester);
    const half = await tester.post<{ error: { message: string } }>(`/vessels/${String(vesselIds[0])}/fillings`, {
      id: uuidv7(),
      empty_g: 300,
    });
    expect(half.status).toBe(422);
    expect(half.body.error.message).toMatch(/full mass/);
  });
});

describe('a vessel', () => {
  it('gets another name and is put away: a first run takes another, and it comes back', async () => {
    const { vesselIds } = await putOnShelf(tester);
    const id = vesselIds[0] as string;
    const change = (said: object) => tester.send<VesselRow>('PATCH', `/vessels/${id}`, said);
    expect((await change({ name: 'The dented one' })).body.name).toBe('The dented one');
    expect((await change({ archived: true })).body.archived).toBe(true);
    expect((await change({ archived: false })).body.archived).toBeUndefined();
    expect((await change({ name: '  ' })).status).toBe(422);
    expect((await tester.send('PATCH', `/vessels/${uuidv7()}`, { name: 'None' })).status).toBe(404);
  });
});
