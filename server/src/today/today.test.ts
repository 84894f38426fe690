import type { Counts, TodayPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { benchCalendar } from './calendar';

let server: TestServer;
let tester: Client;
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(() => server.close());

const today = async (who: Client): Promise<TodayPage> => (await who.get<TodayPage>('/today')).body;
const counts = async (who: Client): Promise<Counts> => (await who.get<Counts>('/counts')).body;
const DAY_MS = 24 * 3600 * 1000;

const job = (what: string, days: number) => ({
  id: uuidv7(),
  at: new Date(server.clock.at + days * DAY_MS).toISOString(),
  what,
  where: 'Camellia tub',
});

describe('today', () => {
  it('of a new notebook has nothing waiting', async () => {
    expect(await today(tester)).toMatchObject({
      openRuns: [],
      planned: [],
      labRequests: [],
      sheetsToRate: 0,
    });
    expect(await counts(tester)).toEqual({
      lots: 1,
      openRuns: 0,
      due: 0,
      blends: 0,
      scorecards: 0,
      sheetsToRate: 0,
      openClasses: 0,
      openTrials: 0,
    });
  });

  it('shows open runs and planned work until they are done', async () => {
    const run = await startRun(tester, shelf, 'saturate-drain-dry');
    const planned = job('Soak the coir', 1);
    await tester.post('/jobs', { jobs: [planned] });
    expect(await today(tester)).toMatchObject({
      openRuns: [{ id: run.id }],
      planned: [{ what: 'Soak the coir', where: 'Camellia tub' }],
    });
    expect(await counts(tester)).toMatchObject({ openRuns: 1 });
    await tester.post(`/jobs/${planned.id}/done`, { done: true });
    expect((await today(tester)).planned).toEqual([]);
  });

  it('shows each role what is theirs', async () => {
    await tester.post('/jobs', { jobs: [job('Feed', 2)] });
    const panellist = await today(await server.as('panellist'));
    expect(panellist).toMatchObject({ openRuns: [], planned: [] });
    expect(await counts(await server.as('panellist'))).toMatchObject({ lots: 0, openRuns: 0, blends: 0 });
    const reader = await today(await server.as('reader'));
    expect(reader.planned).toHaveLength(1);
    expect((await counts(await server.as('reader'))).lots).toBe(1);
  });

  it('is nobody’s who has not signed in', async () => {
    expect((await server.anonymous().get('/today')).status).toBe(401);
  });
});

describe('the calendar', () => {
  it('has an entry of a quarter of an hour with an alarm for each thing that has a time', async () => {
    const answer = await tester.get<string>('/today.ics');
    expect(answer.headers.get('content-type')).toMatch(/^text\/calendar/);
    expect(answer.headers.get('content-disposition')).toContain('bench.ics');
    const unfolded = answer.body.replaceAll(/\r\n[ \t]/g, '');
    expect(unfolded).toContain('SUMMARY:Feed: Camellia tub');
    expect(unfolded.match(/BEGIN:VEVENT/g)?.length).toBe(unfolded.match(/BEGIN:VALARM/g)?.length);
  });

  it('keeps an entry’s name when it is read again, so that a calendar moves it and has it once', () => {
    const soak = { id: 'p1', at: '2026-11-26T09:00:00Z', what: 'Soak', where: 'Tub', plannedBy: 'Tam' };
    const waiting = { place: 'Shed', runs: [], reports: [], pots: [], trials: [], planned: [soak] };
    const uid = (text: string): string | undefined => /^UID:(.+)$/m.exec(text)?.[1]?.trim();
    const at = Date.parse('2026-11-24T08:00:00Z');
    const moved = [{ ...soak, at: '2026-11-27T09:00:00Z' }];
    const [first, later] = [benchCalendar(waiting, at), benchCalendar({ ...waiting, planned: moved }, at)];
    expect(uid(first)).toBe('p1@bent-pail');
    expect(uid(later)).toBe(uid(first));
    expect(first).toContain('DTSTART:20261126T090000Z');
    expect(first).toContain('DTEND:20261126T091500Z');
    expect(later).toContain('DTSTART:20261127T090000Z');
  });

  it('leads to the page of each entry where phones find the notebook, and nowhere else', () => {
    const soak = { id: 'p1', at: '2026-11-26T09:00:00Z', what: 'Soak', where: 'Tub', plannedBy: 'Tam', to: '/blend/x' };
    const waiting = { place: 'Shed', runs: [], reports: [], pots: [], trials: [], planned: [soak] };
    expect(benchCalendar(waiting, 0)).not.toContain('URL');
    const told = benchCalendar({ ...waiting, networkAddress: 'https://bench.test:4410' }, 0);
    expect(told).toContain('URL;VALUE=URI:https://bench.test:4410/blend/x');
  });

  it('of an empty bench is a calendar all the same', () => {
    const text = benchCalendar({ place: 'Shed', runs: [], reports: [], pots: [], trials: [], planned: [] }, 0);
    expect(text).toContain('BEGIN:VCALENDAR');
    expect(text).toContain('Bench at Shed');
    expect(text).not.toContain('VEVENT');
  });
});
