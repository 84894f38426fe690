import type { BlendPage, LearningPage, LotRow, RunSheet } from '@bent-pail/contract';
import type { Foreseen } from '@bent-pail/core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, startRun, type Pumice } from '../testing/bench';
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

const learnt = async (): Promise<LearningPage> => {
  await server.app.cards.settled();
  return (await tester.get<LearningPage>('/learning')).body;
};

it('a batch stands in the parity chart once it was measured, and not before', async () => {
  const blendId = uuidv7();
  const recipe = {
    lines: [{ lotId: shelf.lotId, parts: 2 }],
    potName: 'Tub',
    pot: { height_cm: 20 },
    model: 'packing',
    lime_meqPerL: 0,
  };
  await tester.post<BlendPage>('/blends', { id: uuidv7(), blendId, name: 'Scree', recipe });
  const batch = { id: uuidv7(), materialId: uuidv7(), code: 'SC-9', made_L: 30 };
  expect((await tester.post<LotRow>(`/blends/${blendId}/versions/1/batches`, batch)).status).toBe(201);
  expect((await learnt()).batches).toEqual([]);

  const run: RunSheet = await startRun(tester, { ...shelf, lotId: batch.id });
  await fillSheet(server, tester, run);
  expect((await tester.post(`/runs/${run.id}/finish`)).status).toBeLessThan(300);
  const { batches, learning } = await learnt();
  expect(batches).toEqual([{ lotId: batch.id, lotCode: 'SC-9', blendId, blendName: 'Scree', n: 1 }]);
  const air = learning.blends[0]?.properties.find((one) => one.property === 'air');
  const card = (await tester.get<{ card: { pail: { air: number } } }>(`/lots/${batch.id}`)).body.card;
  expect(air?.measured).toBeCloseTo(card.pail.air, 9);
  expect(air?.predicted).toBeGreaterThan(0);
});

it('what was known when it was mixed is kept with a batch, and stands beside what was measured', async () => {
  const { proof } = await learnt();
  expect(proof.batches.map(({ name }) => name)).toEqual(['Scree, SC-9']);
  const outcome = proof.batches[0]?.outcomes.find(({ property }) => property === 'air');
  expect(outcome?.p5).toBeLessThan(outcome?.p50 as number);
  const before = await server.db.query<{ foreseen: Foreseen }[]>(
    'select foreseen from lots where foreseen is not null',
  );
  expect(before[0]?.foreseen.parts.map(({ lotId }) => lotId)).toEqual([shelf.lotId]);
});

it('a part that is measured again changes what its batches teach, and not what was foreseen of them', async () => {
  const before = await learnt();
  const again: RunSheet = await startRun(tester, { ...shelf });
  await fillSheet(server, tester, again);
  expect((await tester.post(`/runs/${again.id}/finish`)).status).toBeLessThan(300);
  const after = await learnt();
  expect(after.learning.kappa.sd).not.toBe(before.learning.kappa.sd);
  expect(after.proof).toEqual(before.proof);
});
