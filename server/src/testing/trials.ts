import type { NewTrial, PlannedTrial, TrialPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf } from './bench';
import type { Client } from './testServer';

/** Three media on the shelf, in the order of their names. */
export async function threeLots(client: Client): Promise<readonly string[]> {
  const ids: string[] = [];
  for (const name of ['Reference peat', 'Bark mix', 'Coir']) ids.push((await putOnShelf(client, { name })).lotId);
  return ids;
}

/** A plan of three lots in three blocks, sown three weeks before the test's clock began. */
export const planOf = (lotIds: readonly string[], more: Partial<PlannedTrial> = {}): PlannedTrial => ({
  question: 'Which of them grows cress best?',
  arms: lotIds.map((mediumId, i) => ({
    key: 'abc'[i] ?? String(i),
    name: ['Peat', 'Bark', 'Coir'][i] ?? String(i),
    mediumKind: 'lot' as const,
    mediumId,
    own: {},
  })),
  reference: 'a',
  species: [{ key: 'cress', name: 'Cress', seeds: 10, plants: 2, weight: 1 }],
  unit: 'pot',
  blockIs: 'shelf',
  blocks: 3,
  common: { sownOn: '2026-11-03' },
  settled: [],
  observe: [
    { trait: 'up', ages: [4, 7] },
    { trait: 'height', ages: [14, 21] },
  ],
  asks: { trait: 'height', difference: 10, sd: 4 },
  within_d: 0,
  ...more,
});

export async function planned(client: Client, plan: PlannedTrial, more: Partial<NewTrial> = {}): Promise<TrialPage> {
  const answer = await client.post<TrialPage>('/trials', { id: uuidv7(), name: 'Autumn', plan, ...more });
  if (answer.status !== 201) throw new Error(`trial: ${JSON.stringify(answer.body)}`);
  return answer.body;
}

export const reading = (plotId: string, trait: string, on: string, more: object): object => ({
  id: uuidv7(),
  plotId,
  plant: trait === 'height' || trait === 'leaves' ? 1 : 0,
  trait,
  on,
  takenAt: '2026-11-24T08:00:00Z',
  ...more,
});

/** Heights of all plots at 21 days, by medium, with a little of each block. */
export async function readHeights(
  client: Client,
  { id, plots }: TrialPage,
  by: Readonly<Record<string, number>>,
): Promise<void> {
  for (const { id: plotId, arm, block, number } of plots)
    for (const plant of [1, 2]) {
      const value = (by[arm] ?? 0) + 5 * block + (number % 3);
      const answer = await client.post(
        `/trials/${id}/readings`,
        reading(plotId, 'height', '2026-11-24', { plant, value }),
      );
      if (answer.status !== 201) throw new Error(`reading: ${JSON.stringify(answer.body)}`);
    }
}
