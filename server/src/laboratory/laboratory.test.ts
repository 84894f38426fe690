import type { LabRequestRow, LotCardPage, Page, RunSheet, TodayPage } from '@bent-pail/contract';
import { LAB_REPORT, readLabReport } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(() => server.close());

const send = async (delay_min: number, id = uuidv7()) => {
  const answer = await tester.post<LabRequestRow>('/laboratory', { id, lotId: shelf.lotId, delay_min });
  return { id, status: answer.status, row: answer.body };
};
const list = async (asked = ''): Promise<Page<LabRequestRow>> =>
  (await tester.get<Page<LabRequestRow>>(`/laboratory?${asked.includes('limit') ? '' : 'limit=200'}${asked}`)).body;
const rowOf = async (id: string): Promise<LabRequestRow | undefined> =>
  (await list()).rows.find((row) => row.id === id);

/** A lab report on the lot, filled from the text of the report and finished. */
async function keep(report: string): Promise<RunSheet> {
  const id = uuidv7();
  const settings = { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 };
  const asked = { id, lotId: shelf.lotId, protocol: LAB_REPORT.key, replicates: 1, vesselIds: [], settings };
  const { body: run } = await tester.post<RunSheet>('/runs', asked);
  for (const { step, value } of readLabReport(report).read)
    expect((await tester.post(`/runs/${run.id}/readings`, reading(server, 0, step.key, value))).status).toBe(201);
  return run;
}

describe('the practice laboratory', () => {
  it('answers after its delay and not before, and the same each time', async () => {
    const { id, status } = await send(1440);
    expect(status).toBe(201);
    expect((await rowOf(id))?.report).toBeUndefined();
    server.clock.forward(1439);
    expect((await rowOf(id))?.report).toBeUndefined();
    server.clock.forward(1);
    const report = (await rowOf(id))?.report;
    expect(report).toContain('Nitrate N');
    expect((await rowOf(id))?.report).toBe(report);
  });

  it('is asked once by one id, and only about lots that there are', async () => {
    const { id } = await send(1);
    expect((await send(1, id)).row.id).toBe(id);
    expect((await list()).rows.filter((row) => row.id === id)).toHaveLength(1);
    const body = { id: uuidv7(), lotId: uuidv7(), delay_min: 1 };
    expect((await tester.post('/laboratory', body)).status).toBe(422);
    expect((await tester.post('/laboratory', { ...body, lotId: shelf.lotId, delay_min: 7 })).status).toBe(422);
  });

  it('has its report kept as a run, which ends the waiting in Today and in the calendar', async () => {
    const { id } = await send(1);
    const waits = async (): Promise<boolean> =>
      (await tester.get<TodayPage>('/today')).body.labRequests.some((row) => row.id === id);
    expect(await waits()).toBe(true);
    expect((await tester.get<string>('/today.ics')).body).toContain('Report of the laboratory');
    server.clock.forward(2);
    const report = (await rowOf(id))?.report as string;
    const run = await keep(report);
    expect((await tester.post(`/laboratory/${id}/imported`, { runId: run.id })).status).toBe(200);
    expect((await rowOf(id))?.runId).toBe(run.id);
    expect(await waits()).toBe(false);
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    const { figures } = (await tester.get<LotCardPage>(`/lots/${shelf.lotId}`)).body.card;
    const potassium = readLabReport(report).read.find(({ step }) => step.key === 'potassium')?.value;
    expect(figures.find((figure) => figure.property === 'labPotassium')?.summary.mean).toBe(potassium);
  });

  it('ties no report to a run that it cannot have become, nor twice, nor early', async () => {
    const early = await send(1440);
    const run = await keep('Nitrate N;60;mg/L\nAmmonium N;4;mg/L');
    expect((await tester.post(`/laboratory/${early.id}/imported`, { runId: run.id })).status).toBe(422);
    const { id } = await send(1);
    server.clock.forward(2);
    const other = await startRun(tester, shelf, 'ph-1to5');
    expect((await tester.post(`/laboratory/${id}/imported`, { runId: other.id })).status).toBe(422);
    expect((await tester.post(`/laboratory/${id}/imported`, { runId: run.id })).status).toBe(200);
    expect((await tester.post(`/laboratory/${id}/imported`, { runId: run.id })).status).toBe(200);
    const second = await keep('Nitrate N;60;mg/L\nAmmonium N;4;mg/L');
    expect((await tester.post(`/laboratory/${id}/imported`, { runId: second.id })).status).toBe(409);
  });
});

describe('what was sent over the years', () => {
  it('is there page by page, and found by lot, day and whether its report is a run', async () => {
    const { materialId } = shelf;
    const lotId = uuidv7();
    await tester.post('/lots', { id: lotId, materialId, code: 'PM-9' });
    const sent: string[] = [];
    for (let i = 0; i < 5; i += 1) {
      const id = uuidv7();
      await tester.post('/laboratory', { id, lotId, delay_min: 1 });
      sent.unshift(id);
      server.clock.forward(2);
    }
    const walked: string[] = [];
    let after = '';
    do {
      const { rows, next, total } = await list(`&limit=2&lot=${lotId}${after}`);
      expect(total).toBe(5);
      walked.push(...rows.map(({ id }) => id));
      after = next === undefined ? '' : `&after=${next}`;
    } while (after !== '');
    expect(walked).toEqual(sent);
    expect((await list('&find=pm-9')).total).toBe(5);
    expect((await list(`&lot=${lotId}&state=kept`)).total).toBe(0);
    expect((await list(`&lot=${lotId}&state=awaited&to=2020-01-01`)).total).toBe(0);
  });

  it('still waits in Today when sixty were sent after it', async () => {
    const { id } = await send(1);
    server.clock.forward(1);
    for (let i = 0; i < 60; i += 1) {
      await send(1);
      server.clock.forward(1);
    }
    const { labRequests } = (await tester.get<TodayPage>('/today')).body;
    expect(labRequests.map((row) => row.id)).toContain(id);
  });
});
