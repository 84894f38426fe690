import type { FilledPotPage, FilledPotRow, Page, PotJobRow, TodayPage } from '@bent-pail/contract';
import Papa from 'papaparse';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';
import { followPots } from './followPots';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
let lotId: string;
let potId: string;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  ({ lotId } = await putOnShelf(tester, { name: 'Potted bark', classId: 'bark-fine' }));
});
afterAll(() => server.close());

beforeEach(async () => {
  potId = uuidv7();
  const { status, body } = await tester.post('/pots', {
    id: potId,
    name: `Camellia ${potId.slice(-6)}`,
    count: 1,
    mediumKind: 'lot',
    mediumId: lotId,
    shape: { height_cm: 18, topDiameter_cm: 20, baseDiameter_cm: 15 },
    filledOn: '2026-11-01',
    stand: 'glass',
    place: 'north door',
  });
  expect(status, JSON.stringify(body)).toBe(201);
});

const add = async (more: object): Promise<FilledPotPage> => {
  const { status, body } = await tester.post<FilledPotPage>(`/pots/${potId}/diary`, { id: uuidv7(), ...more });
  expect(status, JSON.stringify(body)).toBe(201);
  await server.app.cards.settled();
  return body;
};
const asked = async (): Promise<readonly PotJobRow[]> =>
  (await tester.get<TodayPage>('/today')).body.pots.filter((one) => one.potId === potId);
const row = async (): Promise<FilledPotRow> =>
  (await tester.get<Page<FilledPotRow>>(`/pots?find=${potId.slice(-6)}`)).body.rows[0] as FilledPotRow;

/** Watered three days ago, and lighter by 200 g a day since. */
async function weighs(): Promise<void> {
  await add({ kind: 'watered', at: '2026-11-21T08:00:00Z' });
  for (const [day, mass_g] of [
    ['21', 3000],
    ['22', 2800],
    ['23', 2600],
  ] as const)
    await add({ kind: 'weighed', mass_g, at: `2026-11-${day}T16:00:00Z` });
}

describe('what a diary asks for', () => {
  it('follows it: after some weights Today and the calendar know when to water, and the list does', async () => {
    expect(await asked()).toEqual([]);
    await weighs();
    const { next } = await row();
    const [job, ...others] = await asked();
    expect(others).toEqual([]);
    expect(job).toMatchObject({ act: 'water', place: 'north door', at: next?.at });
    const [at, from, to] = [job?.at, job?.band?.from, job?.band?.to].map((one) => Date.parse(one ?? ''));
    expect(at).toBeGreaterThan(server.clock.at);
    expect(from).toBeLessThanOrEqual(at as number);
    expect(to).toBeGreaterThanOrEqual(at as number);
    const calendar = (await tester.get<string>('/today.ics')).body.replaceAll(/\r\n[ \t]/g, '');
    expect(calendar).toContain(`SUMMARY:Water it: Camellia ${potId.slice(-6)}`);
    expect(calendar).toMatch(/DESCRIPTION:give or take \d+ (h|days)\. north door/);
  });

  it('is later once it was watered, and nothing once it was emptied', async () => {
    await weighs();
    const before = Date.parse((await asked())[0]?.at ?? '');
    await add({ kind: 'watered', at: '2026-11-24T07:00:00Z' });
    const later = Date.parse((await row()).next?.at ?? '');
    expect(later).toBeGreaterThan(before + 12 * 3600_000);
    await add({ kind: 'emptied', at: '2026-11-24T07:30:00Z' });
    expect(await asked()).toEqual([]);
    expect(await row()).toMatchObject({ emptiedAt: '2026-11-24T07:30:00.000Z' });
    expect((await row()).next).toBeUndefined();
    const { status, body } = await tester.post(`/pots/${potId}/diary`, {
      id: uuidv7(),
      kind: 'watered',
      at: '2026-11-24T07:40:00Z',
    });
    expect([status, body]).toMatchObject([422, { error: { path: 'kind' } }]);
  });

  it('that cannot be worked out does not keep the others waiting; a thread that was ended says nothing', async () => {
    await add({ kind: 'watered', at: '2026-11-23T08:00:00Z' });
    const broken = followPots(server, { pot: () => Promise.reject(new Error('out of memory')) });
    const stateOf = async () =>
      (
        await server.db.query<{ trouble: string | null; waits: boolean }[]>(
          'select trouble, wanted <> made as waits from pot_watches where pot_id = $1',
          [potId],
        )
      )[0];
    const ask = (): Promise<unknown> =>
      server.db.query('update pot_watches set wanted = wanted + 1 where pot_id = $1', [potId]);
    await ask();
    await broken(AbortSignal.abort());
    expect(await stateOf()).toMatchObject({ trouble: null, waits: true });
    await broken(new AbortController().signal);
    expect(await stateOf()).toMatchObject({ trouble: 'Error: out of memory', waits: false });
    await ask();
    await server.app.cards.settled();
    expect(await stateOf()).toMatchObject({ trouble: null, waits: false });
  });

  it('is told to those who see the bench, and to nobody else', async () => {
    await add({ kind: 'seen', signs: ['diseased'], at: '2026-11-23T08:00:00Z' });
    expect(await asked()).toMatchObject([{ act: 'discard', why: expect.stringContaining('Disease') as string }]);
    const panellist = await server.as('panellist');
    expect((await panellist.get<TodayPage>('/today')).body.pots).toEqual([]);
    const reader = await server.as('reader');
    expect((await reader.get<TodayPage>('/today')).body.pots.length).toBeGreaterThan(0);
  });
});

describe('a line of the diary', () => {
  it('keeps what was fed, poured, seen, and where it was moved', async () => {
    const feed = { n_mgL: 100 };
    const pour = { moisture: 'moist', firstDrip_s: 20, lastDrip_s: 140, runoff_mL: 0 };
    const at = '2026-11-22T08:00:00Z';
    await add({ kind: 'fed', feed, volume_mL: 500, at });
    await add({ kind: 'poured', pour, volume_mL: 400, depth_cm: 16, at });
    await add({ kind: 'moved', stand: 'sill', at });
    const { diary } = await add({ kind: 'seen', signs: ['pale', 'crust'], at });
    expect(diary).toMatchObject([
      { kind: 'fed', feed, volume_mL: 500 },
      { kind: 'poured', pour, depth_cm: 16 },
      { kind: 'moved', stand: 'sill' },
      { kind: 'seen', signs: ['pale', 'crust'] },
    ]);
  });

  it('goes into a spreadsheet, one row a measure, in the order of its days', async () => {
    await add({ kind: 'seen', signs: ['pale', 'crust'], words: '=1+1', at: '2026-11-23T08:00:00Z' });
    await add({ kind: 'fed', feed: { n_mgL: 100 }, volume_mL: 500, at: '2026-11-22T08:00:00Z' });
    const { status, body } = await tester.get<string>(`/exports/diaries.csv?pot=${potId}`);
    expect(status).toBe(200);
    const { data } = Papa.parse<Record<string, string>>(body, { header: true });
    expect(data.map(({ line, what, value, unit }) => [line, what, value, unit])).toEqual([
      ['fed', 'water', '500', 'mL'],
      ['fed', 'nitrogen of the feed', '100', 'mg/L'],
      ['seen', '', '', ''],
    ]);
    expect(data[2]).toMatchObject({
      signs: 'pale, salt crust',
      words: "'=1+1",
      by: tester.me.name,
      place: 'north door',
    });
    const all = Papa.parse<Record<string, string>>((await tester.get<string>('/exports/diaries.csv')).body, {
      header: true,
    });
    expect(all.data.length).toBeGreaterThan(data.length);
  });

  it.each([
    [{ kind: 'poured', volume_mL: 300 }, 'pour'],
    [{ kind: 'poured', pour: { moisture: 'moist' } }, 'volume_mL'],
    [{ kind: 'poured', volume_mL: 300, pour: { moisture: 'soggy' } }, 'pour.moisture'],
    [{ kind: 'fed', feed: { n_mgL: -1 } }, 'feed.n_mgL'],
    [{ kind: 'seen', signs: ['sung'] }, 'signs'],
    [{ kind: 'moved', stand: 'moon' }, 'stand'],
  ])('is refused with %j at its field', async (wrong, path) => {
    const said = { id: uuidv7(), at: '2026-11-22T08:00:00Z', ...wrong };
    const { status, body } = await tester.post(`/pots/${potId}/diary`, said);
    expect([status, body]).toMatchObject([422, { error: { path } }]);
  });
});
