import type { BlendPage, BlendRow, FilledPotRow, LotRow, Page, ScorecardRow } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fillSheet, openSitting, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Answer, type Client, type TestServer } from '../testing/testServer';

type Person = Client & { readonly me: { readonly id: string } };
interface Refusal {
  readonly error: { readonly message: string };
}

let server: TestServer;
let tester: Person;
let lead: Person;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  [tester, lead] = [await server.as('tester'), await server.as('lead')];
  shelf = await putOnShelf(tester);
  const run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
});
afterAll(() => server.close());

const away = (address: string, archived = true): Promise<Answer<Refusal>> =>
  tester.send<Refusal>('PATCH', address, { archived });
const lotAway = async (archived: boolean): Promise<Answer<Refusal>> => {
  const { lot } = (await tester.get<{ lot: LotRow }>(`/lots/${shelf.lotId}`)).body;
  return tester.send<Refusal>('PATCH', `/lots/${shelf.lotId}`, { version: lot.version, archived });
};
const POT = { potName: 'Tub', pot: { height_cm: 20 }, model: 'average', lime_meqPerL: 0 };

async function keepBlend(name: string, lines: readonly object[]): Promise<string> {
  const blendId = uuidv7();
  const kept = await tester.post<BlendPage>('/blends', {
    id: uuidv7(),
    blendId,
    name,
    recipe: { ...POT, lines },
  });
  expect(kept.status).toBe(201);
  return blendId;
}
const rows = async <T>(address: string): Promise<readonly T[]> => (await tester.get<Page<T>>(address)).body.rows;
const named = async (address: string): Promise<readonly string[]> =>
  (await rows<{ readonly id: string }>(address)).map(({ id }) => id);

describe('what others rest on', () => {
  it('cannot go: a lot stays for its blend, a blend for the blend that takes it and for a pot', async () => {
    const base = await keepBlend('Base', [{ lotId: shelf.lotId, parts: 1 }]);
    const refused = await lotAway(true);
    expect(refused.status).toBe(409);
    expect(refused.body.error.message).toBe('Base rests on it; put that away or change it first.');
    const upper = await keepBlend('Upper', [
      { blend: { id: base, n: 1 }, parts: 2 },
      { lotId: shelf.lotId, parts: 1 },
    ]);
    expect((await away(`/blends/${base}`)).body.error.message).toMatch(/^Upper rests on it/);
    expect((await away(`/blends/${upper}`)).status).toBe(204);
    const pot = { id: uuidv7(), name: 'Bay', mediumKind: 'blend', mediumId: base, shape: { height_cm: 20 } };
    const filled = { ...pot, count: 1, filledOn: '2026-11-20', stand: 'mild' };
    expect((await tester.post('/pots', filled)).status).toBe(201);
    expect((await away(`/blends/${base}`)).body.error.message).toMatch(/^Bay rests on it/);
    expect((await away(`/pots/${pot.id}`)).body.error.message).toMatch(/still grown in/);
    const emptied = { id: uuidv7(), kind: 'emptied', at: '2026-11-23T08:00:00Z' };
    expect((await tester.post(`/pots/${pot.id}/diary`, emptied)).status).toBe(201);
    expect((await away(`/pots/${pot.id}`)).status).toBe(204);
    expect((await away(`/blends/${base}`)).status).toBe(204);
    expect((await lotAway(true)).status).toBe(200);
    expect((await lotAway(false)).status).toBe(200);
  });

  it('or what an open run waits on, which is named', async () => {
    const run = await startRun(tester, shelf);
    const material = (await tester.get<{ lot: LotRow }>(`/lots/${shelf.lotId}`)).body.lot;
    const whole = { version: material.materialVersion, archived: true };
    const refused = await tester.send<Refusal>('PATCH', `/materials/${shelf.materialId}`, whole);
    expect(refused.status).toBe(409);
    expect(refused.body.error.message).toContain(`run ${String(run.number)} rests on it`);
    await tester.post(`/runs/${run.id}/archive`, { id: uuidv7(), reason: 'begun by mistake' });
  });
});

describe('what was put away', () => {
  it('is listed where it is asked for, opens by its address, and comes back', async () => {
    const blend = await keepBlend('Lone', [{ lotId: shelf.lotId, parts: 1 }]);
    expect((await away(`/blends/${blend}`)).status).toBe(204);
    expect(await named('/blends')).not.toContain(blend);
    expect(await named('/blends?away=yes')).toContain(blend);
    expect((await tester.get<BlendPage>(`/blends/${blend}`)).body.archived).toBe(true);
    const atHand = (await tester.get<readonly BlendRow[]>('/blends/desk')).body.map(({ id }) => id);
    expect(atHand).not.toContain(blend);
    // Sent twice, as where nobody answered, it is no other.
    expect((await away(`/blends/${blend}`)).status).toBe(204);
    expect((await away(`/blends/${blend}`, false)).status).toBe(204);
    expect(await named('/blends')).toContain(blend);
    expect((await tester.get<BlendPage>(`/blends/${blend}`)).body.archived).toBeUndefined();
  });

  it('leaves the list of pots', async () => {
    expect(await named('/pots')).toEqual([]);
    const [pot] = await rows<FilledPotRow>('/pots?away=yes');
    expect(pot).toMatchObject({ name: 'Bay', archived: true });
  });

  it('is a card only once its panel is through; the ranking forgets it', async () => {
    const rater = await server.as('panellist');
    const id = await openSitting(lead, shelf.lotId, [rater.me.id]);
    expect((await away(`/scorecards/${id}`)).body.error.message).toMatch(/panel is still at it/);
    await server.db.query('update scorecard_raters set handed_in_at = now() where scorecard_id = $1', [id]);
    expect((await away(`/scorecards/${id}`)).status).toBe(204);
    expect(await named('/scorecards')).not.toContain(id);
    const [row] = await rows<ScorecardRow>('/scorecards?away=yes');
    expect(row).toMatchObject({ id, archived: true });
  });

  it('is nothing that is not there, and nobody’s who only reads', async () => {
    for (const address of ['/blends', '/scorecards', '/pots'])
      expect((await away(`${address}/${uuidv7()}`)).status).toBe(404);
    const reader = await server.as('reader');
    const [blend] = await rows<BlendRow>('/blends');
    expect((await reader.send('PATCH', `/blends/${String(blend?.id)}`, { archived: true })).status).toBe(403);
    expect((await away(`/blends/${String(blend?.id)}`, 'perhaps' as never)).status).toBe(422);
  });
});
