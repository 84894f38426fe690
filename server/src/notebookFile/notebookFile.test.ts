import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { FileReport, LotCardPage } from '@bent-pail/contract';
import { Ajv2020 } from 'ajv/dist/2020.js';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '@bent-pail/core';
import { fillSheet, openSitting, putOnShelf, reading, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { fileKinds } from './kinds';

interface NotebookText {
  readonly format: string;
  version: number;
  level: string;
  readonly withheld: readonly string[];
  readonly kinds: Record<string, Record<string, unknown>[]>;
}

let source: TestServer;
let lead: Client & { me: { id: string } };
let lotId: string;
let text: NotebookText;
const others: TestServer[] = [];

beforeAll(async () => {
  source = await startTestServer();
  lead = await source.as('lead');
  const tester = await source.as('tester');
  const shelf = await putOnShelf(tester);
  ({ lotId } = shelf);
  const run = await startRun(tester, shelf);
  await fillSheet(source, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
  const acid = await startRun(tester, shelf, 'ph-1to5');
  const wrong = reading(source, 0, 'pH', 5.1) as { readonly id: string };
  await tester.post(`/runs/${acid.id}/readings`, wrong);
  await tester.post(`/runs/${acid.id}/readings`, reading(source, 0, 'pH', 5.2, { corrects: wrong.id, reason: 'slip' }));
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#8a5' } })
    .jpeg()
    .toBuffer();
  await tester.sendBytes(`/lots/${lotId}/photos/${uuidv7()}?caption=label`, picture, 'image/jpeg');
  await tester.sendBytes(`/runs/${run.id}/photos/${uuidv7()}?caption=drips`, picture, 'image/jpeg');
  await tester.post('/pots', {
    id: uuidv7(),
    name: 'By the gate',
    count: 1,
    mediumKind: 'lot',
    mediumId: lotId,
    shape: { height_cm: 25 },
    filledOn: '2026-10-01',
    stand: 'mild',
  });
  const rater = await source.as('panellist');
  await openSitting(lead, lotId, [rater.me.id]);
  text = (await lead.get<NotebookText>('/notebook-file/notebook.json')).body;
});
afterAll(async () => {
  await Promise.all([source, ...others].map((one) => one.close()));
});

const another = async (): Promise<{ server: TestServer; lead: Client }> => {
  const server = await startTestServer();
  others.push(server);
  // Nobody is in an empty notebook but whoever began it.
  await server.db.query('delete from users');
  return { server, lead: await server.as('lead') };
};

const look = (client: Client, file: Buffer | string, id = uuidv7()) =>
  client.sendBytes(`/notebook-file/incoming/${id}`, file, 'application/octet-stream') as Promise<{
    status: number;
    body: FileReport & { error?: { message: string } };
  }>;
const takeIn = (client: Client, { id }: FileReport, body: object = { others: 'theirs', chosen: [] }) =>
  client.post<FileReport>(`/notebook-file/incoming/${id}`, body);
const copied = (): NotebookText => structuredClone(text);
const kindOf = ({ kinds }: FileReport, kind: string) => kinds.find((one) => one.kind === kind);
const sumOf = ({ kinds }: FileReport, what: 'added' | 'same' | 'different' | 'refused'): number =>
  kinds.reduce((sum, one) => sum + one[what], 0);

/** Rows of each kind as text, without what never leaves. */
async function rowsIn({ db }: TestServer): Promise<Map<string, readonly string[]>> {
  const all = new Map<string, readonly string[]>();
  for (const { name, aside, only } of await fileKinds(db.manager)) {
    const rows = await db.query<{ row: string }[]>(
      `select (to_jsonb(t) - $1::text[])::text as row from "${name}" t ${only === undefined ? '' : `where ${only}`} order by 1`,
      [aside],
    );
    all.set(
      name,
      rows.map(({ row }) => row),
    );
  }
  return all;
}

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
      'learnt',
      'lot_cards',
      'lot_figures',
      'migrations',
      'pot_watches',
      'run_figures',
      'run_states',
      'session',
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
      ({ kinds }) => ((kinds.readings?.[1] ?? {}).value = 'much'),
      { kind: 'readings', row: 2, column: 'value', read: 'much' },
    ],
    [
      'a row without what it must have',
      ({ kinds }) => delete kinds.lots?.[0]?.code,
      { kind: 'lots', row: 1, column: 'code' },
    ],
    [
      'a column that there is none of',
      ({ kinds }) => ((kinds.lots?.[0] ?? {}).taste = 'sour'),
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

/** In full by BENT_PAIL_TRIALS; a few of them in the suite. */
const EDITS = process.env.BENT_PAIL_TRIALS === undefined ? 8 : 50;

describe('files that were edited at random', () => {
  it('are taken as they mean, or refused with row and reason, and never by half', async () => {
    const random = seededRandom(17);
    const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;
    const WRONG = [null, 'word', -1, 1e9, true, '2026-01-01', [], {}, '0190a000-0000-7000-8000-000000000001'];
    const { server, lead: theirs } = await another();
    await takeIn(theirs, (await look(theirs, JSON.stringify(text))).body);
    let accepted = 0;
    for (let i = 0; i < EDITS; i += 1) {
      const file = copied();
      for (let n = 0; n < 1 + 2 * random(); n += 1) {
        const [, rows] = pick(Object.entries(file.kinds).filter(([, all]) => all.length > 0));
        const row = pick(rows);
        const column = pick(Object.keys(row));
        if (random() < 0.2) rows.splice(rows.indexOf(row), 1);
        else row[column] = pick(WRONG);
      }
      const before = await rowsIn(server);
      const { status, body } = await look(theirs, JSON.stringify(file));
      expect(status, JSON.stringify(body)).toBe(200);
      for (const { why, row } of body.refusals) expect(`${String(row)} ${why}`).toMatch(/^\d+ [A-Z].*\.$/);
      expect(await rowsIn(server)).toEqual(before);
      const done = (await takeIn(theirs, body)).body;
      expect(done.isDone).toBe(body.refusals.length === 0);
      if (!done.isDone) expect(await rowsIn(server)).toEqual(before);
      else {
        accepted += 1;
        // What may change is now as the file has it.
        const again = (await look(theirs, JSON.stringify(file))).body;
        expect(again.conflicts.filter(({ stands }) => !stands)).toEqual([]);
        expect(sumOf(again, 'added')).toBe(0);
        await takeIn(theirs, (await look(theirs, JSON.stringify(text))).body);
      }
    }
    expect(accepted).toBeGreaterThan(0);
    expect(accepted).toBeLessThan(EDITS);
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
