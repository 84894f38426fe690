import type { Found } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openSitting, putOnShelf, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let lotId: string;
let runId: string;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  const shelf = await putOnShelf(tester, { name: 'Rice hulls' });
  ({ lotId } = shelf);
  await putOnShelf(tester, { name: '100 % bark_fine' });
  const materialId = uuidv7();
  await tester.post('/materials', { id: materialId, name: 'Coir pith', kind: 'material', aliases: ['coco peat'] });
  await tester.post('/lots', { id: uuidv7(), materialId, code: 'CO-1' });
  runId = (await startRun(tester, shelf)).id;
  await tester.post(`/runs/${runId}/notes`, { id: uuidv7(), text: 'the sieve was wet, and hulls stuck to it' });
  const rater = await server.as('panellist');
  await openSitting(await server.as('lead'), lotId, [rater.me.id], { sampleCode: 'Q9' });
});
afterAll(() => server.close());

const find = async (words: string, by = tester): Promise<readonly Found[]> =>
  (await by.get<Found[]>(`/find?for=${encodeURIComponent(words)}`)).body;

describe('one box over the notebook', () => {
  it.each([
    ['rice', 'Rice hulls, PM-3'],
    ['Rise huls', 'Rice hulls, PM-3'],
    ['hulls', 'Rice hulls, PM-3'],
    ['huls', 'Rice hulls, PM-3'],
    ['coco peat', 'Coir pith, CO-1'],
    ['cocopeat', 'Coir pith, CO-1'],
    ['CO-1', 'Coir pith, CO-1'],
    ['% bark', '100 % bark_fine, PM-3'],
  ])('finds a lot by %s', async (words, title) => {
    expect((await find(words)).find(({ kind }) => kind === 'lot')?.title).toBe(title);
  });

  it('finds a run by its number, with and without the word', async () => {
    const { number } = (await tester.get<{ number: number }>(`/runs/${runId}`)).body;
    for (const words of [String(number), `run ${String(number)}`, `#${String(number)}`])
      expect((await find(words))[0]).toMatchObject({
        kind: 'run',
        id: runId,
        about: expect.stringMatching(/Rice/) as string,
      });
    expect((await find('99999')).filter(({ kind }) => kind === 'run')).toEqual([]);
  });

  it('finds what was written, and leads to its run', async () => {
    expect((await find('sieve wet')).find(({ kind }) => kind === 'note')).toMatchObject({
      id: runId,
      title: 'the sieve was wet, and hulls stuck to it',
    });
    expect((await find('sieve dry')).filter(({ kind }) => kind === 'note')).toEqual([]);
  });

  it('says nothing of a panel that is not revealed', async () => {
    expect((await find('Rice')).filter(({ kind }) => kind === 'card')).toEqual([]);
    expect((await find('Q9')).filter(({ kind }) => kind === 'card')).toEqual([]);
  });

  it('finds nothing by what is nowhere, and takes no trick for a pattern', async () => {
    for (const words of ['zzyzx', '%%%', '___', "'; drop table lots; --", '\\']) expect(await find(words)).toEqual([]);
    expect((await tester.get('/find?for=')).status).toBe(422);
  });

  it('is not for panellists', async () => {
    expect((await (await server.as('panellist')).get('/find?for=rice')).status).toBe(403);
  });
});

it('is not compiled by PostgreSQL first, which would take longer than to answer', async () => {
  expect(await server.db.query<{ jit: string }[]>('show jit')).toEqual([{ jit: 'off' }]);
});
