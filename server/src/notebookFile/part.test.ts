import type { BlendPage, LotCardPage } from '@bent-pail/contract';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { emptyNotebook, look, someNotebook, sumOf, takeIn, type NotebookText } from '../testing/notebookFiles';
import type { Client, TestServer } from '../testing/testServer';

let source: TestServer;
let lead: Client;
let lotId: string;
let whole: NotebookText;
let blendId: string;
let elsewhere: string;
const others: TestServer[] = [];

beforeAll(async () => {
  ({ source, lead, lotId, text: whole } = await someNotebook());
  elsewhere = (await putOnShelf(lead, { name: 'Bark' })).lotId;
  const inner = uuidv7();
  blendId = uuidv7();
  const base = { potName: 'Tub', pot: { height_cm: 20 }, model: 'average', lime_meqPerL: 0 };
  const keep = (id: string, name: string, lines: readonly object[]) =>
    lead.post<BlendPage>('/blends', { id: uuidv7(), blendId: id, name, recipe: { ...base, lines } });
  expect((await keep(inner, 'Base', [{ lotId, parts: 1 }])).status).toBe(201);
  expect((await keep(blendId, 'Upper', [{ blend: { id: inner, n: 1 }, parts: 1 }])).status).toBe(201);
});
afterAll(async () => {
  await Promise.all([source, ...others].map((one) => one.close()));
});

const part = async (asked: string): Promise<NotebookText> =>
  (await lead.get<NotebookText>(`/notebook-file/notebook.json?${asked}`)).body;
const ids = ({ kinds }: NotebookText, kind: string): readonly unknown[] => (kinds[kind] ?? []).map(({ id }) => id);

describe('a part of a notebook', () => {
  it('is a blend with the blends in it, its lots and all that was measured of them, and nothing else', async () => {
    const text = await part(`blends=${blendId}`);
    expect(text).toMatchObject({ part: { blends: [blendId] } });
    expect(ids(text, 'blends')).toHaveLength(2);
    expect(ids(text, 'lots')).toEqual([lotId]);
    expect(ids(text, 'lots')).not.toContain(elsewhere);
    for (const kind of ['readings', 'runs', 'run_photos', 'album_photos', 'run_stamps'])
      expect(ids(text, kind), kind).toEqual(ids(whole, kind));
    expect(ids(text, 'runs').length).toBeGreaterThan(1);
    // The methods that its runs followed, and who worked at it; no other, no pot, no panel, not the notebook itself.
    expect(text.kinds.protocols?.map(({ key }) => key).sort()).toEqual(['ph-1to5', 'saturate-drain-dry']);
    for (const kind of ['filled_pots', 'scorecards', 'notebook', 'kept_once', 'rubrics', 'guides'])
      expect(text.kinds[kind], kind).toEqual([]);
    expect(ids(text, 'users').length).toBeLessThan(ids(whole, 'users').length);
  });

  it('is valid by the published schema, and another notebook takes it in whole, with the same card', async () => {
    const text = await part(`lots=${lotId}`);
    const schema = (await lead.get<object>('/notebook-file/schema.json')).body;
    const isRight = new Ajv2020({ strict: false }).compile(schema);
    expect(isRight(text), JSON.stringify(isRight.errors)).toBe(true);
    const { server, lead: theirs } = await emptyNotebook();
    others.push(server);
    await putOnShelf(theirs, { name: 'Their own' });
    const looked = await look(theirs, JSON.stringify(text));
    expect(looked.status).toBe(200);
    expect(sumOf(looked.body, 'refused')).toBe(0);
    expect((await takeIn(theirs, looked.body)).body.isDone).toBe(true);
    await server.app.cards.start();
    const card = async (client: Client): Promise<LotCardPage['card']> =>
      (await client.get<LotCardPage>(`/lots/${lotId}`)).body.card;
    const [here, there] = [await card(lead), await card(theirs)];
    expect(there.component).toEqual(here.component);
    expect(there.component).toBeDefined();
  });

  it('brings along what a pot stands in, and photos as files', async () => {
    const [pot] = whole.kinds.filled_pots ?? [];
    const text = await part(`pots=${String(pot?.id)}`);
    expect(ids(text, 'filled_pots')).toHaveLength(1);
    expect(ids(text, 'lots')).toEqual([lotId]);
    const zip = await lead.bytes(`/notebook-file/notebook.zip?lots=${elsewhere}`);
    const all = await lead.bytes(`/notebook-file/notebook.zip?lots=${lotId}`);
    expect(zip.subarray(0, 2).toString()).toBe('PK');
    expect(all.includes('photos/run_photos/')).toBe(true);
    expect(zip.includes('photos/run_photos/')).toBe(false);
  });

  it('withholds what is not revealed, and says so', async () => {
    const [card] = await source.db.query<{ id: string }[]>('select id from scorecards');
    const text = await part(`cards=${String(card?.id)}`);
    expect(text.kinds.scorecards).toEqual([]);
    expect(text.withheld).toContain('2 rows of sheets that are not revealed yet');
    expect((await part(`lots=${elsewhere}`)).withheld).toEqual(['passwords and who is signed in']);
  });

  it('is refused for what is no id, and for who is no lead', async () => {
    expect((await lead.get('/notebook-file/notebook.json?lots=all')).status).toBe(422);
    const tester = await source.as('tester');
    expect((await tester.get(`/notebook-file/notebook.json?lots=${lotId}`)).status).toBe(403);
  });
});
