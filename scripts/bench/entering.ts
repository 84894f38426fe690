import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { Client } from './client';
import { sleep } from './measure';

/** Who enters at once, how often each, for how long. */
export const PEOPLE = 50;
const EVERY_MS = 2000;
/** A sheet of twelve is filled and corrected once; then the next one is opened. */
const ON_A_SHEET = 24;

/** Somebody with a sheet of their own. */
export interface Sheet {
  readonly me: Client;
  readonly runId: string;
}

export async function openSheet(url: string, name: string, lotId: string): Promise<Sheet> {
  const me = await Client.enter(url, name);
  return { me, runId: await newRun(me, lotId) };
}

async function newRun(me: Client, lotId: string): Promise<string> {
  const runId = randomUUID();
  const settings = { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 };
  const answer = await me.send(
    'POST',
    '/runs',
    JSON.stringify({ id: runId, lotId, protocol: 'ph-1to5', replicates: 12, vesselIds: [], settings }),
  );
  if (answer.status !== 201)
    throw new Error(`opening a sheet answered ${String(answer.status)}: ${await answer.text()}`);
  return runId;
}

/** Keeps one reading; how long that took, ms. */
export async function read({ me, runId }: Sheet, i: number): Promise<number> {
  const reading = {
    id: randomUUID(),
    replicate: i % 12,
    step: 'pH',
    value: 5 + (i % 100) / 100,
    takenAt: new Date().toISOString(),
  };
  const began = performance.now();
  const answer = await me.send('POST', `/runs/${runId}/readings`, JSON.stringify(reading));
  await answer.text();
  if (answer.status !== 201) throw new Error(`a reading answered ${String(answer.status)}`);
  return performance.now() - began;
}

interface Entering {
  readonly for_ms: number;
  /** Streams that each of them has open. */
  readonly streams: number;
}

/** Fifty people, each with their sheet and their streams, a reading every two seconds; how long each took, ms. */
export async function entering(
  url: string,
  client: pg.Client,
  lotId: string,
  { for_ms, streams: each }: Entering,
): Promise<number[]> {
  const names = Array.from({ length: PEOPLE }, (_, i) => `Person ${String(i + 1)}`);
  await client.query(
    `insert into users (id, name, role, password_hash, single_keys) select gen_random_uuid(), name, 'tester', '-', true from unnest($1::text[]) name`,
    [names],
  );
  const sheets: Sheet[] = [];
  for (const name of names) sheets.push(await openSheet(url, name, lotId));
  const stop = new AbortController();
  const streams: Promise<void>[] = [];
  for (const { me } of sheets) for (let i = 0; i < each; i += 1) streams.push((await me.listen(stop.signal)).over);
  const times: number[] = [];
  const until = Date.now() + for_ms;
  await Promise.all(
    sheets.map(async (first, person) => {
      await sleep((person * EVERY_MS) / PEOPLE);
      let sheet = first;
      // Nobody's sheet is as far as anybody else's.
      for (let i = person % ON_A_SHEET; Date.now() < until; i += 1) {
        const next = sleep(EVERY_MS);
        if (i % ON_A_SHEET === ON_A_SHEET - 1) sheet = { me: first.me, runId: await newRun(first.me, lotId) };
        times.push(await read(sheet, i));
        await next;
      }
    }),
  );
  stop.abort();
  await Promise.all(streams);
  return times;
}
