import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { FileReport, LotCardPage } from '@bent-pail/contract';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  emptyNotebook,
  look,
  requireRow,
  rowsIn,
  someNotebook,
  sumOf,
  takeIn,
  type NotebookText,
} from '../testing/notebookFiles';
import type { Client, TestServer } from '../testing/testServer';

let source: TestServer;
let lead: Client;
let lotId: string;
let text: NotebookText;
const others: TestServer[] = [];

beforeAll(async () => {
  ({ source, lead, lotId, text } = await someNotebook());
});
afterAll(async () => {
  await Promise.all([source, ...others].map((one) => one.close()));
});

const another = async (): ReturnType<typeof emptyNotebook> => {
  const made = await emptyNotebook();
  others.push(made.server);
  return made;
};

const copied = (): NotebookText => structuredClone(text);
const kindOf = ({ kinds }: FileReport, kind: string) => kinds.find((one) => one.kind === kind);

async function requireAllThere(target: TestServer): Promise<void> {
  const [here, there] = [await rowsIn(source), await rowsIn(target)];
  for (const [kind, rows] of here) {
    const found = new Set(there.get(kind));
    expect(
      rows.filter((row) => !found.has(row)),
      kind,
    ).toEqual([]);
  }
}

describe('a notebook as an open file', () => {
  it('is valid by the schema that is published, and names what it withholds', async () => {
    const schema = (await lead.get<object>('/notebook-file/schema.json')).body;
    const isRight = new Ajv2020({ strict: false }).compile(schema);
    expect(isRight(text), JSON.stringify(isRight.errors)).toBe(true);
    expect(isRight({ ...copied(), kinds: { lots: [{ id: 'x' }] } })).toBe(false);
    expect(text.withheld).toEqual(['passwords and who is signed in', '2 rows of sheets that are not revealed yet']);
    const whole = JSON.stringify(text);
    expect(whole).not.toContain('password_hash');
    expect(whole).not.toContain('session_secret');
    expect(text.kinds.scorecards).toEqual([]);
    expect(text.kinds.scorecard_raters).toEqual([]);
  });

  it('holds every table that is not worked out from the others', async () => {
    const tables = await source.db.query<{ name: string }[]>(
      `select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    );
    const left = tables.map(({ name }) => name).filter((name) => !(name in text.kinds));
    expect(left.sort()).toEqual([
      'access_tokens',
      'class_phones',
      'learnt',
      'lot_cards',
      'lot_figures',
      'migrations',
      'pot_watches',
      'rate_hits',
      'run_figures',
      'run_states',
      'session',
      'trial_ratios',
      'trial_results',
      'waiting_files',
    ]);
  });

  it('comes whole into an empty notebook, with the same figures; the same again changes nothing', async () => {
    const { server, lead: theirs } = await another();
    const seen = await look(theirs, JSON.stringify(text));
    expect(seen.status, JSON.stringify(seen.body)).toBe(200);
    expect(seen.body).toMatchObject({ isDone: false, refusals: [] });
    expect(kindOf(seen.body, 'readings')?.added).toBe(text.kinds.readings?.length);
    expect((await theirs.list('/lots')).length).toBe(0);
    const done = await takeIn(theirs, seen.body);
    expect(done.body, JSON.stringify(done.body)).toMatchObject({ isDone: true });
    await requireAllThere(server);
    const [card, before] = [
      await theirs.get<LotCardPage>(`/lots/${lotId}`),
      await lead.get<LotCardPage>(`/lots/${lotId}`),
    ];
    expect(card.body.card).toEqual(before.body.card);
    const again = await look(theirs, JSON.stringify(text));
    expect([sumOf(again.body, 'added'), sumOf(again.body, 'different'), sumOf(again.body, 'refused')]).toEqual([
      0, 0, 0,
    ]);
    expect(sumOf(again.body, 'same')).toBeGreaterThan(40);
    expect((await theirs.post(`/notebook-file/incoming/${seen.body.id}`, { others: 'ours', chosen: [] })).status).toBe(
      404,
    );
  });

  it('has its pictures beside it in a ZIP, which comes in as well', async () => {
    const { server, lead: theirs } = await another();
    const zip = await lead.bytes('/notebook-file/notebook.zip');
    expect(zip.subarray(0, 2).toString()).toBe('PK');
    const seen = await look(theirs, zip);
    expect(seen.body).toMatchObject({ refusals: [] });
    expect(kindOf(seen.body, 'run_photos')?.added).toBe(1);
    await takeIn(theirs, seen.body);
    await requireAllThere(server);
  });

  it('tells of one reading that is otherwise as the one conflict; what stands is not replaced', async () => {
    const changed = copied();
    const one = changed.kinds.readings?.[3] as Record<string, unknown>;
    one.value = 999;
    const seen = await look(lead, JSON.stringify(changed));
    expect(seen.body.conflicts).toEqual([{ kind: 'readings', key: one.id, row: 4, columns: ['value'], stands: true }]);
    await takeIn(lead, seen.body);
    const kept = await source.db.query<{ value: number }[]>('select value from readings where id = $1', [one.id]);
    expect(kept[0]?.value).not.toBe(999);
  });

  it('lets a person choose between two rows, one by one or all alike', async () => {
    const { server, lead: theirs } = await another();
    await takeIn(theirs, (await look(theirs, JSON.stringify(text))).body);
    const changed = copied();
    const [material] = changed.kinds.materials ?? [];
    const [first, second] = changed.kinds.vessels ?? [];
    for (const row of [material, first, second]) (row as Record<string, unknown>).name = `other ${String(row?.name)}`;
    const seen = await look(theirs, JSON.stringify(changed));
    expect(seen.body.conflicts.map(({ kind, columns }) => [kind, columns])).toEqual([
      ['materials', ['name']],
      ['vessels', ['name']],
      ['vessels', ['name']],
    ]);
    const chosen = [{ kind: 'vessels', key: second?.id, take: 'ours' }];
    await takeIn(theirs, seen.body, { others: 'theirs', chosen });
    const names = await server.db.query<{ name: string }[]>(
      'select name from vessels where id = any($1) order by name',
      [[first?.id, second?.id]],
    );
    expect(names.map(({ name }) => name)).toEqual(['V2', 'other V1']);
  });

  it.each<[string, (file: NotebookText) => unknown, RegExp]>([
    ['another kind of file', () => ({ lots: [] }), /no notebook of Bent Pail/],
    ['a list', () => [1, 2], /no notebook of Bent Pail/],
    ['a newer one', (file) => ({ ...file, version: 2 }), /newer Bent Pail/],
    ['one of a later shape', (file) => ({ ...file, level: 'Later2999' }), /newer Bent Pail/],
    ['kinds that are no lists', (file) => ({ ...file, kinds: { lots: { a: {} } } }), /list/],
  ])('is refused in a sentence where it is %s', async (_what, edit, sentence) => {
    const { status, body } = await look(lead, JSON.stringify(edit(copied())));
    expect(status).toBe(422);
    expect(body.error?.message).toMatch(sentence);
  });

  it('is refused where it is no JSON, or ends too soon', async () => {
    for (const file of ['hello', JSON.stringify(text).slice(0, 2000), '', 'PK\u0003\u0004 and no more'])
      expect((await look(lead, file)).status, file.slice(0, 10)).toBe(422);
  });

  it.each<[string, (file: NotebookText) => void, object]>([
    [
      'a word where a number belongs',
      ({ kinds }) => (requireRow(kinds.readings, 1).value = 'much'),
      { kind: 'readings', row: 2, column: 'value', read: 'much' },
    ],
    [
      'a row without what it must have',
      ({ kinds }) => delete kinds.lots?.[0]?.code,
      { kind: 'lots', row: 1, column: 'code' },
    ],
    [
      'a column that there is none of',
      ({ kinds }) => (requireRow(kinds.lots, 0).taste = 'sour'),
      { kind: 'lots', row: 1, column: 'taste' },
    ],
    [
      'a row that rests on nothing',
      ({ kinds }) =>
        (kinds.run_notes ??= []).push({
          id: uuidv7(),
          run_id: uuidv7(),
          text: 'x',
          by_user: kinds.users?.[0]?.id,
          kept_at: '2026-11-24T08:00:00Z',
        }),
      { kind: 'run_notes', row: 1, column: 'run_id' },
    ],
    [
      'a day that there is none of',
      ({ kinds }) => kinds.lots?.push({ ...kinds.lots[0], id: uuidv7(), bought_on: '2026-02-31' }),
      { kind: 'lots', row: 2 },
    ],
    ['a kind that there is none of', ({ kinds }) => (kinds.weathers = [{ id: 1 }]), { kind: 'weathers', row: 1 }],
  ])('names the row and why: %s; and nothing of it is kept', async (_what, edit, told) => {
    const file = copied();
    edit(file);
    const more = { ...(file.kinds.materials?.[0] as object), id: uuidv7(), name: `New ${uuidv7()}` };
    file.kinds.materials?.push(more);
    const seen = await look(lead, JSON.stringify(file));
    expect(seen.body.refusals[0]).toMatchObject({
      ...told,
      why: expect.stringMatching(/^It .*\.$|^Another .*\.$|^There .*\.$/) as string,
    });
    expect((await takeIn(lead, seen.body)).body).toMatchObject({ isDone: false });
    const kept = await source.db.query<unknown[]>('select 1 from materials where id = $1', [more.id]);
    expect(kept).toEqual([]);
  });

  it('is for leads alone', async () => {
    for (const role of ['tester', 'reader', 'panellist'] as const) {
      const person = await source.as(role);
      expect((await person.get('/notebook-file/notebook.json')).status).toBe(403);
      expect((await person.get('/notebook-file/notebook.zip')).status).toBe(403);
      expect((await look(person, '{}')).status).toBe(403);
    }
  });
});

it('leaves no file behind that nobody wants', async () => {
  const folder = await mkdtemp(path.join(tmpdir(), 'bent-pail-'));
  const file = path.join(folder, 'notebook.json');
  await writeFile(file, JSON.stringify(text));
  const { body } = await look(lead, await readFile(file));
  await rm(folder, { recursive: true });
  expect((await lead.send('DELETE', `/notebook-file/incoming/${body.id}`)).status).toBe(204);
  expect((await takeIn(lead, body)).status).toBe(404);
});
