import type { ProtocolRow, RunSheet } from '@bent-pail/contract';
import { defaultSettings, findMediaClass, PROTOCOLS, reduceRun, runProgress } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { toRunRecord } from '../bench/records';
import { putOnShelf, reading, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let lead: Client;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
  shelf = await putOnShelf(lead);
});
afterAll(() => server.close());

const keep = (body: object) => lead.post<ProtocolRow[]>('/protocols', body);
const newest = (rows: readonly ProtocolRow[], key: string): ProtocolRow =>
  rows.find((row) => row.protocol.key === key) as ProtocolRow;

/** Opens a sheet as the page does: with the times that the protocol asks for. */
async function open(row: ProtocolRow): Promise<RunSheet> {
  const { protocol } = row;
  const answer = await lead.post<RunSheet>('/runs', {
    id: uuidv7(),
    lotId: shelf.lotId,
    protocol: protocol.key,
    replicates: 1,
    vesselIds: [shelf.vesselIds[0]],
    settings: defaultSettings(findMediaClass('pumice-coarse'), protocol),
  });
  expect(answer.status, JSON.stringify(answer.body)).toBe(201);
  return answer.body;
}

/** Drains a run and weighs it after so many minutes; what its clock says was due, and what the sheet remarks. */
async function drain(run: RunSheet, minutes: number): Promise<{ dueAfter_min: number; remarks: readonly string[] }> {
  const read = (step: string, value: number) => lead.post(`/runs/${run.id}/readings`, reading(server, 0, step, value));
  await read('tare', 312);
  await read('saturated', 1331);
  const opened = server.clock.now();
  await read('drain', opened / 1000);
  const held = runProgress(toRunRecord((await lead.get<RunSheet>(`/runs/${run.id}`)).body)).holds[0];
  server.clock.forward(minutes);
  await read('drained', 1053);
  const { checks } = reduceRun(toRunRecord((await lead.get<RunSheet>(`/runs/${run.id}`)).body));
  return {
    dueAfter_min: Math.round(((held?.deadline ?? 0) - opened) / 60000),
    remarks: checks.filter((check) => check.code === 'wait-cut-short').map((check) => check.message),
  };
}

describe('a lead’s copy of a protocol', () => {
  it('with a 45 min drain changes timer and check, while the old run still says 60', async () => {
    const shipped = { protocol: PROTOCOLS.find((one) => one.key === 'saturate-drain-dry') } as ProtocolRow;
    const old = await open(shipped);
    const key = uuidv7();
    const answer = await keep({ key, from: 'saturate-drain-dry', label: 'Quick drain', drain_min: 45 });
    expect(answer.status, JSON.stringify(answer.body)).toBe(201);
    const own = await open(newest(answer.body, key));

    const ofOwn = await drain(own, 20);
    expect(ofOwn.dueAfter_min).toBe(45);
    expect(ofOwn.remarks[0]).toMatch(/weighed 20 min after draining began, and 45 min were set/);
    const ofOld = await drain(old, 20);
    expect(ofOld.dueAfter_min).toBe(60);
    expect(ofOld.remarks[0]).toMatch(/60 min were set/);
    // 25 min is more than half of 45 and less than half of 60.
    expect((await drain(await open(newest(answer.body, key)), 25)).remarks).toEqual([]);
    expect((await drain(await open(shipped), 25)).remarks).toHaveLength(1);
  });

  it('that is changed again is a new version, and a run keeps the one that it was made by', async () => {
    const key = uuidv7();
    const first = await keep({ key, from: 'weeds', label: 'Weeds, ours', steps: [{ key: 'start', minutes: 40320 }] });
    expect(newest(first.body, key)).toMatchObject({ protocol: { version: 1 } });
    // Sent again, because nobody answered.
    const retried = await keep({ key, from: 'weeds', label: 'Weeds, ours', steps: [{ key: 'start', minutes: 40320 }] });
    expect(newest(retried.body, key).protocol.version).toBe(1);
    const run = await lead.post<RunSheet>('/runs', {
      id: uuidv7(),
      lotId: shelf.lotId,
      protocol: key,
      replicates: 2,
      vesselIds: [],
      settings: { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 },
    });
    const second = await keep({ key, from: key, label: 'Weeds, ours', steps: [{ key: 'start', minutes: 50400 }] });
    expect(newest(second.body, key).protocol.version).toBe(2);
    const again = await keep({ key, from: key, label: 'Weeds, ours', steps: [{ key: 'start', minutes: 50400 }] });
    expect(newest(again.body, key).protocol.version).toBe(2);
    const sheet = (await lead.get<RunSheet>(`/runs/${run.body.id}`)).body;
    expect(sheet.protocol.version).toBe(1);
    expect(sheet.protocol.steps[1]?.hold).toEqual({ name: 'growing', minutes: 40320 });
  });

  it('is refused in a sentence where it cannot be, and is the lead’s alone', async () => {
    const bad = await keep({ key: uuidv7(), from: 'weeds', label: 'Weeds', steps: [{ key: 'blank', bounds: [5, 1] }] });
    expect(bad.status).toBe(422);
    expect(bad.body).toMatchObject({ error: { path: 'steps[0].bounds' } });
    const tester = await server.as('tester');
    expect((await tester.post('/protocols', { key: uuidv7(), from: 'weeds', label: 'Weeds' })).status).toBe(403);
    expect((await keep({ key: uuidv7(), from: 'nothing', label: 'Nothing' })).status).toBe(422);
  });
});
