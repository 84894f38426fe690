import type { ClassPage, GroupPage, HistoryPage, RunRow, RunSheet, WipedClass } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { beginClass, groupReading, guess, joinGroup, measureJug } from '../testing/classes';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let teacher: Client;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  teacher = await server.as('tester');
  shelf = await putOnShelf(teacher);
  const run = await startRun(teacher, shelf);
  await fillSheet(server, teacher, run);
  await teacher.post(`/runs/${run.id}/finish`);
  await server.app.cards.settled();
});
afterAll(() => server.close());

const pageOf = async (id: string): Promise<ClassPage> => (await teacher.get<ClassPage>(`/classes/${id}`)).body;
const sampleIn = (page: ClassPage): string => page.samples[0]?.id ?? '';
const groupIn = (page: ClassPage, number: number): string => page.groups[number - 1]?.id ?? '';

/** A class in which every group guessed and measured. */
async function measured(more: object = {}): Promise<{ page: ClassPage; phones: Client[] }> {
  const page = await beginClass(teacher, shelf, { minutes: 600, ...more });
  const phones: Client[] = [];
  for (const [i, [added, collected]] of (
    [
      [520, 260],
      [530, 265],
      [400, 150],
    ] as const
  ).entries()) {
    const phone = await joinGroup(server, page.code, i + 1);
    for (const figure of ['air', 'held']) await guess(phone, sampleIn(page), figure, 25);
    await measureJug(server, phone, sampleIn(page), [
      [added, collected],
      [added + 5, collected + 3],
    ]);
    phones.push(phone);
  }
  return { page: await pageOf(page.id), phones };
}

describe('after measuring', () => {
  it('a group sees what all found only after the reveal, and how its guess did', async () => {
    const { page, phones } = await measured();
    const phone = phones[0] as Client;
    expect((await phone.get<GroupPage>('/group')).body.revealed).toBeUndefined();
    await teacher.post(`/classes/${page.id}/reveal`);
    const { revealed } = (await phone.get<GroupPage>('/group')).body;
    const air = revealed?.find(({ figure }) => figure === 'air');
    expect(air?.all).toHaveLength(3);
    expect(air?.class?.n).toBe(3);
    expect(air?.bench?.value).toBeCloseTo(page.samples[0]?.bench.air?.value ?? Number.NaN, 9);
    expect(air?.guess).toMatchObject({ of: 3 });
  });

  it('a group is left out and taken in again in the open, and the class’s mean follows', async () => {
    const { page, phones } = await measured();
    await teacher.post(`/classes/${page.id}/reveal`);
    const meanOf = async (): Promise<number | undefined> =>
      (await (phones[0] as Client).get<GroupPage>('/group')).body.revealed?.find(({ figure }) => figure === 'air')
        ?.class?.mean;
    const before = await meanOf();
    const said = { groupId: groupIn(page, 3), sampleId: sampleIn(page), reason: 'packed too hard' };
    const out = await teacher.post<ClassPage>(`/classes/${page.id}/exclusions`, { id: uuidv7(), isOut: true, ...said });
    expect(out.body.exclusions).toMatchObject([{ isOut: true, reason: 'packed too hard' }]);
    expect(await meanOf()).toBeGreaterThan(before ?? Infinity);
    server.clock.forward(1);
    await teacher.post(`/classes/${page.id}/exclusions`, { id: uuidv7(), ...said, isOut: false, reason: 'it counts' });
    expect(await meanOf()).toBe(before);
    expect((await pageOf(page.id)).exclusions).toHaveLength(2);
    const { rows } = (await teacher.get<HistoryPage>(`/history?lot=${shelf.lotId}`)).body;
    expect(rows.filter(({ of }) => of.id === page.id).map(({ kind, reason }) => [kind, reason])).toEqual([
      ['group-in', 'it counts'],
      ['group-out', 'packed too hard'],
    ]);
    const foreign = await beginClass(teacher, shelf);
    const wrong = { id: uuidv7(), ...said, groupId: groupIn(foreign, 1), isOut: true };
    expect((await teacher.post(`/classes/${page.id}/exclusions`, wrong)).status).toBe(404);
  });

  it('results stay out of predictions until they are let in, as a finished run of the lot', async () => {
    const own = await putOnShelf(teacher, { name: 'Scoria', classId: 'scoria' });
    const page = await beginClass(teacher, own, { minutes: 600 });
    const phone = await joinGroup(server, page.code, 1);
    for (const figure of ['air', 'held']) await guess(phone, sampleIn(page), figure, 25);
    await measureJug(server, phone, sampleIn(page), [
      [500, 210],
      [510, 215],
    ]);
    expect((await teacher.list<RunRow>(`/runs`)).filter(({ lotId }) => lotId === own.lotId)).toEqual([]);
    const body = { runId: uuidv7(), groupId: groupIn(page, 1), sampleId: sampleIn(page) };
    const empty = { ...body, runId: uuidv7(), groupId: groupIn(page, 2) };
    expect((await teacher.post(`/classes/${page.id}/runs`, empty)).status).toBe(422);
    const kept = await teacher.post<ClassPage>(`/classes/${page.id}/runs`, body);
    expect(kept.status).toBe(201);
    expect(kept.body.letIn).toEqual([{ groupId: body.groupId, sampleId: body.sampleId, runId: body.runId }]);
    const run = (await teacher.get<RunSheet>(`/runs/${body.runId}`)).body;
    expect(run).toMatchObject({ groupName: 'Group 1 of a class', replicateCount: 2 });
    expect(run.finishedAt).toBeDefined();
    await server.app.cards.settled();
    const { card } = (
      await teacher.get<{ card: { figures: { property: string; summary: { mean: number } }[] } }>(`/lots/${own.lotId}`)
    ).body;
    const air = card.figures.find(({ property }) => property === 'airSpace');
    expect(air?.summary.mean).toBeCloseTo(212.5 / (page.pot?.volume_mL ?? Number.NaN), 9);
    expect((await teacher.post(`/classes/${page.id}/runs`, { ...body, runId: uuidv7() })).status).toBe(409);
  });

  it('a pH by pen is let in as the bench’s own, one part in five', async () => {
    const own = await putOnShelf(teacher, { name: 'Peat', classId: 'peat-light-fine' });
    const page = await beginClass(teacher, own, { lesson: 'acid', vesselId: undefined, minutes: 600 });
    const phone = await joinGroup(server, page.code, 2);
    await guess(phone, sampleIn(page), 'pen', 5, 1);
    for (const [step, value] of [
      ['stand', server.clock.now() / 1000],
      ['colour', 4.5],
      ['pen', 4.3],
    ] as const)
      await phone.post('/group/readings', groupReading(server, sampleIn(page), 0, step, value));
    const body = { runId: uuidv7(), groupId: groupIn(page, 2), sampleId: sampleIn(page) };
    expect((await teacher.post(`/classes/${page.id}/runs`, body)).status).toBe(201);
    const run = (await teacher.get<RunSheet>(`/runs/${body.runId}`)).body;
    expect(run.protocol.key).toBe('ph-1to5');
    expect(run.readings).toMatchObject([{ step: 'pH', value: 4.3 }]);
  });

  it('cannot be let in where the bench has no such sheet, or does not know the pot', async () => {
    const bag = await beginClass(teacher, shelf, { lesson: 'which-bag' });
    const to = (page: ClassPage) => ({ runId: uuidv7(), groupId: groupIn(page, 1), sampleId: sampleIn(page) });
    expect((await teacher.post(`/classes/${bag.id}/runs`, to(bag))).status).toBe(422);
    const noPot = await beginClass(teacher, shelf, { vesselId: undefined });
    expect((await teacher.post(`/classes/${noPot.id}/runs`, to(noPot))).body).toMatchObject({
      error: { message: expect.stringMatching(/know the pot/) as string },
    });
  });
});

describe('wiping a class', () => {
  it('is a lead’s, takes all that was said away, and keeps how much it was and the runs let in', async () => {
    const { page } = await measured();
    const runId = uuidv7();
    await teacher.post(`/classes/${page.id}/runs`, { runId, groupId: groupIn(page, 1), sampleId: sampleIn(page) });
    expect((await teacher.send('DELETE', `/classes/${page.id}`)).status).toBe(403);
    const lead = await server.as('lead');
    const wiped = await lead.send<WipedClass[]>('DELETE', `/classes/${page.id}`);
    expect(wiped.body[0]).toMatchObject({ groups: 3, guesses: 6, readings: 24, runsKept: 1 });
    expect((await teacher.get(`/classes/${page.id}`)).status).toBe(404);
    const tables = ['class_groups', 'class_samples'];
    for (const table of tables)
      expect(await server.db.query(`select 1 from ${table} where class_id = $1`, [page.id])).toEqual([]);
    const groups = page.groups.map(({ id }) => id);
    for (const table of ['class_readings', 'class_guesses', 'class_exclusions', 'class_phones', 'class_runs'])
      expect(await server.db.query(`select 1 from ${table} where group_id = any($1)`, [groups])).toEqual([]);
    const run = (await teacher.get<RunSheet>(`/runs/${runId}`)).body;
    expect(run).toMatchObject({ groupName: 'a class' });
    expect(run.readings).toHaveLength(8);
    const { rows } = (await teacher.get<HistoryPage>('/history?kind=class-wiped')).body;
    expect(rows).toMatchObject([{ of: { kind: 'class' }, title: '', old: '24', by: lead.me.name }]);
  });

  it('is the one way in which the database lets such rows go', async () => {
    const { page } = await measured();
    const [one, two] = [page.groups[0]?.id, page.groups[1]?.id];
    for (const table of ['class_readings', 'class_guesses']) {
      await expect(server.db.query(`delete from ${table} where group_id = $1`, [one])).rejects.toThrow(/only added/);
      await expect(server.db.query(`update ${table} set value = 1 where group_id = $1`, [two])).rejects.toThrow(
        /only added/,
      );
    }
    // Who wipes one class takes no other along.
    const other = await beginClass(teacher, shelf);
    await expect(
      server.db.transaction(async (manager) => {
        await manager.query(`select set_config('bent_pail.wiped_class', $1, true)`, [other.id]);
        await manager.query('delete from class_readings where group_id = $1', [one]);
      }),
    ).rejects.toThrow(/only added/);
    await expect(server.db.query('delete from class_wipes')).rejects.toThrow(/only added/);
  });
});
