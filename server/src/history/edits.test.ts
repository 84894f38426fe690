import type { ChangeRow, HistoryPage, LotRow, PlantRow } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

type Person = Client & { readonly me: { readonly id: string; readonly name: string } };

let server: TestServer;
let lead: Person;
let tester: Person;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  [lead, tester] = [await server.as('lead'), await server.as('tester')];
  shelf = await putOnShelf(tester, { name: 'Rice hulls' });
});
afterAll(() => server.close());

const edits = async (kind = 'edited'): Promise<readonly ChangeRow[]> =>
  (await tester.get<HistoryPage>(`/history?kind=${kind}`)).body.rows;
const told = ({ of, title, field, old, new: now, by }: ChangeRow): object => ({
  of: of.kind,
  title,
  field,
  old,
  now,
  by,
});
const changed = async (status: Promise<{ readonly status: number }>): Promise<void> => {
  expect((await status).status).toBeLessThan(300);
  server.clock.forward(1);
};
const lot = async (): Promise<LotRow> => (await tester.get<{ lot: LotRow }>(`/lots/${shelf.lotId}`)).body.lot;

describe('an edited row', () => {
  it('leaves what stood there, by whom and when, field by field', async () => {
    const { version } = await lot();
    await changed(
      tester.send('PATCH', `/lots/${shelf.lotId}`, { version, code: 'RH-2', packVolume_L: 50, price: 7.5 }),
    );
    const rows = (await edits()).map(told);
    const of = { of: 'lot', title: 'Rice hulls, RH-2', by: tester.me.name };
    expect(rows).toContainEqual({ ...of, field: 'lots.code', old: 'PM-3', now: 'RH-2' });
    expect(rows).toContainEqual({ ...of, field: 'lots.pack_volume_l', old: '40', now: '50' });
    expect(rows).toContainEqual({ ...of, field: 'lots.price', old: '12', now: '7.5' });
    expect(rows).toHaveLength(3);
    const again = (await tester.get<HistoryPage>(`/history?lot=${shelf.lotId}`)).body.rows;
    expect(again.filter(({ kind }) => kind === 'edited')).toHaveLength(3);
  });

  it('leaves nothing where nothing is another', async () => {
    const before = (await edits()).length;
    const { version } = await lot();
    await changed(tester.send('PATCH', `/lots/${shelf.lotId}`, { version, code: 'RH-2' }));
    expect(await edits()).toHaveLength(before);
  });

  it('that is put away and brought back says so', async () => {
    const { materialVersion } = await lot();
    await changed(tester.send('PATCH', `/lots/${shelf.lotId}`, { version: (await lot()).version, archived: true }));
    await changed(tester.send('PATCH', `/lots/${shelf.lotId}`, { version: (await lot()).version, archived: false }));
    expect((await edits('put-away')).map(({ of, title }) => [of.id, title])).toEqual([
      [shelf.lotId, 'Rice hulls, RH-2'],
    ]);
    expect(await edits('brought-back')).toHaveLength(1);
    await changed(
      tester.send('PATCH', `/materials/${shelf.materialId}`, {
        version: materialVersion,
        name: 'Husks',
        aliases: ['hulls', 'chaff'],
      }),
    );
    const rows = (await edits()).map(told);
    const of = { of: 'material', title: 'Husks', by: tester.me.name };
    expect(rows).toContainEqual({ ...of, field: 'materials.name', old: 'Rice hulls', now: 'Husks' });
    expect(rows).toContainEqual({ ...of, field: 'materials.aliases', old: undefined, now: 'hulls, chaff' });
  });

  it('is told of every kind of row that can be edited, each in the name of whoever did it', async () => {
    const vessel = { id: uuidv7(), name: 'Can', kind: 'vessel' };
    await changed(tester.post('/vessels', vessel));
    await changed(tester.send('PATCH', `/vessels/${vessel.id}`, { name: 'Tin' }));
    await changed(lead.send('PATCH', '/notebook', { currency: '€', hours: { from_h: 6, to_h: 15 } }));
    await changed(lead.send('PATCH', '/notebook', { hours: { from_h: 6, to_h: 16 } }));
    await changed(tester.post('/notebook/handfuls', { classId: 'bone-meal', g: 48 }));
    const person = { id: uuidv7(), name: 'Wilf', role: 'reader', password: 'long enough for this' };
    await changed(lead.post('/users', person));
    await changed(lead.send('PATCH', `/users/${person.id}`, { role: 'tester' }));
    const supplier = { id: uuidv7(), name: 'Mill', kind: 'trade' };
    await changed(tester.post('/suppliers', supplier));
    await changed(tester.post('/suppliers', { ...supplier, note: 'Fridays' }));
    const found = (await edits()).map(told);
    const by = { lead: lead.me.name, tester: tester.me.name };
    for (const row of [
      { of: 'vessel', title: 'Tin', field: 'vessels.name', old: 'Can', now: 'Tin', by: by.tester },
      { of: 'notebook', title: 'Tollgarth', field: 'notebook.hours.to_h', old: '15', now: '16', by: by.lead },
      {
        of: 'notebook',
        title: 'Tollgarth',
        field: 'notebook.handfuls.bone-meal',
        old: undefined,
        now: '48',
        by: by.tester,
      },
      { of: 'person', title: 'Wilf', field: 'users.role', old: 'reader', now: 'tester', by: by.lead },
      { of: 'supplier', title: 'Mill', field: 'suppliers.note', old: undefined, now: 'Fridays', by: by.tester },
    ])
      expect(found).toContainEqual(row);
    await changed(lead.send('PATCH', `/users/${person.id}`, { password: 'another that is long' }));
    const after = (await edits()).map(told);
    // That a password is another, and never what it was, nor what else is nobody's to see.
    expect(after).toContainEqual({
      of: 'person',
      title: 'Wilf',
      field: 'users.password',
      old: undefined,
      now: undefined,
      by: by.lead,
    });
    expect(JSON.stringify(after)).not.toMatch(/hash|secret|long/);
  });

  it('and a plant that was put away and brought back, also one that was dropped once', async () => {
    const plants = (await tester.get<readonly PlantRow[]>('/plants')).body;
    const { id, name } = plants[0] as PlantRow;
    const row = { of: 'plant', title: name, old: undefined, now: undefined, by: tester.me.name };
    for (const archived of [true, false]) await changed(tester.send('PATCH', `/plants/${id}`, { archived }));
    for (const kind of ['put-away', 'brought-back'])
      expect((await edits(kind)).map(told)[0]).toEqual({ ...row, field: undefined });
    await server.db.query('delete from guides where id = $1', [id]);
    const [dropped] = await edits();
    expect(told(dropped as ChangeRow)).toEqual({ ...row, field: 'guides.dropped.plant', old: name, by: undefined });
  });

  it('names nobody where somebody went past the server, and cannot be changed itself', async () => {
    await server.db.query(`update vessels set name = 'Jar' where name = 'Tin'`);
    const row = (await edits()).find(({ new: now }) => now === 'Jar') as ChangeRow;
    expect(row.by).toBeUndefined();
    await expect(server.db.query('delete from edits')).rejects.toThrow(/only added/);
    await expect(server.db.query(`update edits set old = '1'`)).rejects.toThrow(/only added/);
  });
});
