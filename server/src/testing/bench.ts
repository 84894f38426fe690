import type { RunSheet } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import type { Client, TestServer } from './testServer';

const uuid = (): string => uuidv7();

/** Weighings of a good replicate, by step. */
export const GOOD: Readonly<Record<string, number>> = {
  tare: 312.4,
  filled: 921.6,
  saturated: 1331.6,
  drained: 1053,
  dryTray: 20,
  dry: 520,
};

export interface Pumice {
  readonly materialId: string;
  readonly lotId: string;
  readonly vesselIds: readonly string[];
}

/** A material with a lot and three measured vessels. */
export async function putOnShelf(
  client: Client,
  more: { readonly name?: string; readonly classId?: string } = {},
): Promise<Pumice> {
  const materialId = uuid();
  const lotId = uuid();
  await client.post('/materials', {
    id: materialId,
    name: more.name ?? 'Pumice 3-8 mm',
    kind: 'material',
    classId: more.classId ?? 'pumice-coarse',
  });
  await client.post('/lots', { id: lotId, materialId, code: 'PM-3', price: 12, packVolume_L: 40 });
  const vesselIds = [uuid(), uuid(), uuid()];
  for (const [i, id] of vesselIds.entries()) {
    await client.post('/vessels', { id, name: `V${String(i + 1)}`, kind: 'vessel', shape: { height_cm: 12 } });
    await client.post(`/vessels/${id}/fillings`, { id: uuid(), empty_g: 300, full_g: 1350, waterTemp_C: 20 });
  }
  return { materialId, lotId, vesselIds };
}

export async function startRun(client: Client, shelf: Pumice, protocol = 'saturate-drain-dry'): Promise<RunSheet> {
  const answer = await client.post<RunSheet>('/runs', {
    id: uuid(),
    lotId: shelf.lotId,
    protocol,
    replicates: 3,
    vesselIds: protocol === 'saturate-drain-dry' ? shelf.vesselIds : [],
    settings: { packingHabit: 'tapped', soak_min: 1440, drain_min: 60, ovenTemp_C: 104 },
  });
  if (answer.status !== 201) throw new Error(`run: ${JSON.stringify(answer.body)}`);
  return answer.body;
}

export function reading(server: TestServer, replicate: number, step: string, value: number, more: object = {}): object {
  return { id: uuid(), replicate, step, value, takenAt: new Date(server.clock.now()).toISOString(), ...more };
}

/** Fills a saturate-drain-dry sheet as the method asks, the clock moving with it. */
export async function fillSheet(server: TestServer, client: Client, run: RunSheet, shift = 0): Promise<void> {
  const keep = async (replicate: number, step: string, value: number): Promise<void> => {
    const answer = await client.post(`/runs/${run.id}/readings`, reading(server, replicate, step, value));
    if (answer.status !== 201) throw new Error(`${step}: ${JSON.stringify(answer.body)}`);
  };
  await keep(0, 'waterTemp', 17.4);
  for (const i of [0, 1, 2]) {
    await keep(i, 'tare', GOOD.tare as number);
    await keep(i, 'filled', GOOD.filled as number);
    await keep(i, 'soak', server.clock.now() / 1000);
  }
  server.clock.forward(1445);
  for (const i of [0, 1, 2]) {
    await keep(i, 'saturated', (GOOD.saturated as number) + i);
    await keep(i, 'drain', server.clock.now() / 1000);
  }
  server.clock.forward(61);
  for (const i of [0, 1, 2]) {
    await keep(i, 'drained', (GOOD.drained as number) + shift + 2 * i);
    await keep(i, 'dryTray', GOOD.dryTray as number);
    await keep(i, 'dry', (GOOD.dry as number) + i);
  }
}

/** Opens a sitting of one sample of a lot, and gives the id of its card. */
export async function openSitting(
  client: Client,
  lotId: string,
  raterIds: readonly string[],
  { sampleCode = 'K7', rubric = 'pots-all-round' }: { readonly sampleCode?: string; readonly rubric?: string } = {},
): Promise<string> {
  const cardId = uuidv7();
  const samples = [{ id: cardId, lotId, sampleCode }];
  const { status, body } = await client.post('/sittings', { id: uuidv7(), rubric, samples, raterIds });
  if (status !== 201) throw new Error(`no sitting: ${JSON.stringify(body)}`);
  return cardId;
}
