import type { Counts, KeptReading, LotCardPage, RunSheet } from '@bent-pail/contract';
import { dueJobs, reduceRun, type Source, type Working } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { toRunRecord } from './records';

let server: TestServer;
let tam: Client;
let isla: Client;
const shelves: Pumice[] = [];
const runs: RunSheet[] = [];

beforeAll(async () => {
  server = await startTestServer();
  tam = await server.as('tester');
  isla = await server.as('lead');
});
afterAll(() => server.close());

const SAMPLES = 6;
const REPLICATES = [0, 1, 2] as const;

const sheetOf = async (id: string): Promise<RunSheet> => (await isla.get<RunSheet>(`/runs/${id}`)).body;

async function keep(who: Client, run: RunSheet, replicate: number, step: string, value: number): Promise<KeptReading> {
  const answer = await who.post<KeptReading>(`/runs/${run.id}/readings`, reading(server, replicate, step, value));
  expect(answer.status, `${step}: ${JSON.stringify(answer.body)}`).toBe(201);
  return answer.body;
}

/** A step on every pot of every sample, half a minute apart, as one goes round the bench. */
async function round(who: Client, step: string, value: (sample: number, replicate: number) => number): Promise<void> {
  for (const [sample, run] of runs.entries()) {
    for (const replicate of REPLICATES) {
      await keep(who, run, replicate, step, value(sample, replicate));
      server.clock.forward(0.5);
    }
  }
}

/** Every reading that a number was made of, however deep. */
function leaves(working: Working | undefined): number[] {
  if (working === undefined) return [];
  const inside = (value: unknown): number[] =>
    typeof value === 'number'
      ? [value]
      : typeof value === 'object' && value !== null
        ? Object.values(value).flatMap(inside)
        : [];
  return [...inside(working.input), ...(working.from ?? []).flatMap((source: Source) => leaves(source.working))];
}

describe('a full day: six samples of three pots each', () => {
  it('are started, tared and put to soak', async () => {
    for (let i = 0; i < SAMPLES; i += 1) {
      const shelf = await putOnShelf(tam, { name: `Sample ${String(i)}` });
      shelves.push(shelf);
      runs.push(await startRun(tam, shelf));
    }
    for (const run of runs) await keep(tam, run, 0, 'waterTemp', 17.4);
    await round(tam, 'tare', (sample, replicate) => 310 + sample + replicate);
    await round(tam, 'soak', () => server.clock.now() / 1000);
    const jobs = dueJobs(toRunRecord(await sheetOf((runs[0] as RunSheet).id)));
    expect(jobs[0]?.at).toBeGreaterThan(server.clock.now() + 23 * 3600000);
    // The first timer that ends is told to every page.
    const { nextOver, due } = (await tam.get<Counts>('/counts')).body;
    expect(due).toBe(0);
    expect(nextOver).toMatchObject({ runId: runs[0]?.id, name: 'soaking', at: jobs[0]?.at });
    const panellist = await server.as('panellist');
    expect((await panellist.get<Counts>('/counts')).body.nextOver).toBeUndefined();
  });

  it('soak through a power cut: what was kept is there, and the timers know how late it is', async () => {
    const before = await sheetOf((runs[3] as RunSheet).id);
    server.clock.forward(20 * 60);
    // The current fails: every connection to the database is cut, none of them by our will.
    await server.db.query(
      'select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and datname = current_database()',
    );
    await new Promise((resolve) => setTimeout(resolve, 300));
    const after = await sheetOf((runs[3] as RunSheet).id);
    expect(after.readings).toEqual(before.readings);
    server.clock.forward(4 * 60 + 30);
    const due = dueJobs(toRunRecord(after));
    expect(due[0]?.at).toBeLessThan(server.clock.now());
    expect((await tam.get<Counts>('/counts')).body.due).toBe(SAMPLES);
  });

  it('are drained by one person and weighed by another, who meets one reading made twice', async () => {
    await round(tam, 'saturated', (sample, replicate) => 1331 + 3 * sample + replicate);
    await round(tam, 'drain', () => server.clock.now() / 1000);
    server.clock.forward(60);
    await round(isla, 'drained', (sample, replicate) => 1053 + 2 * sample + replicate);
    const run = runs[2] as RunSheet;
    const twin = await keep(tam, run, 1, 'drained', 1099.9);
    expect(reduceRun(toRunRecord(await sheetOf(run.id))).checks.map((check) => check.code)).toContain('two-readings');
    const settled = reading(server, 1, 'drained', 1058, { corrects: twin.id, reason: 'read from the wrong pot' });
    expect((await isla.post(`/runs/${run.id}/readings`, settled)).status).toBe(201);
    const { checks } = reduceRun(toRunRecord(await sheetOf(run.id)));
    expect(checks.map((check) => check.code)).not.toContain('two-readings');
  });

  it('are dried and finished, and every number of the cards goes down to readings of its run', async () => {
    server.clock.forward(22 * 60);
    await round(tam, 'dryTray', () => 20);
    await round(isla, 'dry', (sample, replicate) => 520 + sample + replicate);
    for (const run of runs) expect((await tam.post(`/runs/${run.id}/finish`)).status).toBe(200);
    for (const [i, shelf] of shelves.entries()) {
      const { card } = (await isla.get<LotCardPage>(`/lots/${shelf.lotId}`)).body;
      const sheet = await sheetOf((runs[i] as RunSheet).id);
      const air = card.figures.find((figure) => figure.property === 'airSpace');
      expect(air?.summary.n).toBe(3);
      const used = new Set(leaves(air?.working));
      for (const replicate of REPLICATES) {
        for (const step of ['tare', 'saturated', 'drained', 'dryTray', 'dry']) {
          const standing = sheet.readings.filter((one) => one.replicate === replicate && one.step === step).at(-1);
          expect(used.has(standing?.value as number), `${step} of ${String(replicate)}`).toBe(true);
        }
      }
      expect(sheet.readings.every((one) => one.by !== undefined && one.keptAt >= sheet.startedAt)).toBe(true);
    }
  });

  it('then pH: the pen’s calibration runs out in the middle of it', async () => {
    const penId = uuidv7();
    await isla.post('/instruments', { id: penId, name: 'Red pen', kind: 'pH', showsMv: true });
    await isla.post(`/instruments/${penId}/calibrations`, {
      id: uuidv7(),
      at: new Date(server.clock.now()).toISOString(),
      temp_C: 18,
      points: [
        { nominal: 4.01, shown: 170 },
        { nominal: 7, shown: 0 },
      ],
    });
    server.clock.forward(23 * 60 + 40);
    const states: (string | undefined)[] = [];
    for (const shelf of shelves) {
      const run = await startRun(tam, shelf, 'ph-1to5');
      for (const replicate of REPLICATES) await keep(tam, run, replicate, 'pH', 5.5 + 0.1 * replicate);
      await tam.post(`/runs/${run.id}/finish`);
      states.push(reduceRun(toRunRecord(await sheetOf(run.id))).properties[0]?.trouble?.state);
      server.clock.forward(6);
    }
    // 23 h 40, 46, 52, 58 are within the day; 24 h 04 and 24 h 10 are not.
    expect(states).toEqual([undefined, undefined, undefined, undefined, 'stale', 'stale']);
  });
});
