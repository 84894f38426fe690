import type { BlendPage, LotRow } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const rowOf = async (id: string): Promise<LotRow> =>
  (await tester.list<LotRow>('/lots')).find((row) => row.id === id) as LotRow;
const count = (id: string, stock_L: number) => tester.post<LotRow>(`/lots/${id}/stock`, { id: uuidv7(), stock_L });

/** A blend of three parts of one lot and one of another, kept as version 1. */
async function keepBlend(): Promise<{ blendId: string; barkId: string; pumiceId: string; made: number }> {
  const bark = await putOnShelf(tester, { name: `Bark ${uuidv7().slice(-5)}`, classId: 'bark-fine' });
  const pumice = await putOnShelf(tester, { name: `Pumice ${uuidv7().slice(-5)}` });
  const blendId = uuidv7();
  const recipe = {
    lines: [
      { lotId: bark.lotId, parts: 3 },
      { lotId: pumice.lotId, parts: 1 },
    ],
    potName: 'Tub',
    pot: { height_cm: 20 },
    model: 'packing',
    lime_meqPerL: 0,
  };
  const answer = await tester.post<BlendPage>('/blends', {
    id: uuidv7(),
    blendId,
    name: `Mix ${blendId.slice(-5)}`,
    recipe,
  });
  expect(answer.status, JSON.stringify(answer.body)).toBe(201);
  const made = answer.body.versions[0]?.result.volume as number;
  return { blendId, barkId: bark.lotId, pumiceId: pumice.lotId, made };
}

const batch = (blendId: string, made_L: number, code = 'B1', id = uuidv7(), materialId = uuidv7()) =>
  tester.post<LotRow>(`/blends/${blendId}/versions/1/batches`, { id, materialId, code, made_L });

describe('what is left of a lot', () => {
  it('is unknown until it is counted, and then what was counted last', async () => {
    const { lotId } = await putOnShelf(tester);
    expect((await rowOf(lotId)).stock_L).toBeUndefined();
    expect((await count(lotId, 40)).body.stock_L).toBe(40);
    expect((await count(lotId, 31.5)).body.stock_L).toBe(31.5);
    expect((await count(lotId, -1)).status).toBe(422);
  });

  it('is not undone by a count that changed nothing and is sent again later', async () => {
    const { lotId } = await putOnShelf(tester);
    await count(lotId, 40);
    const same = { id: uuidv7(), stock_L: 40 };
    const send = () => tester.post<LotRow>(`/lots/${lotId}/stock`, same);
    expect((await send()).body.stock_L).toBe(40);
    await count(lotId, 31.5);
    expect((await send()).body.stock_L).toBe(31.5);
  });
});

describe('a batch', () => {
  it('takes of each lot what its share is before the parts settle, and becomes a lot of the blend', async () => {
    const { blendId, barkId, pumiceId, made } = await keepBlend();
    await count(barkId, 100);
    const answer = await batch(blendId, 20);
    expect(answer.status, JSON.stringify(answer.body)).toBe(201);
    expect(answer.body).toMatchObject({ code: 'B1', stock_L: 20, origin: { kind: 'batch', blendId, n: 1 } });
    // Four loose parts make less than four: 20 L made take 20 x 3 / made of the bark.
    expect(made).toBeLessThan(4);
    expect((await rowOf(barkId)).stock_L).toBeCloseTo(100 - (20 * 3) / made, 3);
    // A lot that was never counted stays uncounted.
    expect((await rowOf(pumiceId)).stock_L).toBeUndefined();
  });

  it('of one blend are lots of one material, each with a code of its own', async () => {
    const { blendId } = await keepBlend();
    const first = await batch(blendId, 5);
    const second = await batch(blendId, 5, 'B2');
    expect(second.body.materialId).toBe(first.body.materialId);
    expect((await batch(blendId, 5, 'B2')).status).toBe(422);
  });

  it('that is asked for twice with one id is made once', async () => {
    const { blendId, barkId } = await keepBlend();
    await count(barkId, 100);
    const [id, materialId] = [uuidv7(), uuidv7()];
    await batch(blendId, 10, 'B1', id, materialId);
    const left = (await rowOf(barkId)).stock_L;
    expect((await batch(blendId, 10, 'B1', id, materialId)).status).toBe(201);
    expect((await batch(blendId, 12, 'B1', id, materialId)).status).toBe(409);
    expect((await rowOf(barkId)).stock_L).toBe(left);
  });

  it('larger than the stock is refused, and nothing of it happens', async () => {
    const { blendId, barkId, pumiceId } = await keepBlend();
    await count(barkId, 100);
    await count(pumiceId, 2);
    const id = uuidv7();
    const answer = await batch(blendId, 40, 'B1', id);
    expect(answer.status).toBe(422);
    expect(JSON.stringify(answer.body)).toMatch(/Of PM-3 there are 2\.0 L; this batch takes/);
    expect((await rowOf(barkId)).stock_L).toBe(100);
    expect(await rowOf(id)).toBeUndefined();
  });

  it('two at once cannot overdraw', async () => {
    const { blendId, barkId, made } = await keepBlend();
    const needed = (10 * 3) / made;
    await count(barkId, 1.5 * needed);
    const answers = await Promise.all([1, 2, 3, 4].map((i) => batch(blendId, 10, `B${String(i)}`)));
    expect(answers.map((answer) => answer.status).sort((a, b) => a - b)).toEqual([201, 422, 422, 422]);
    expect((await rowOf(barkId)).stock_L).toBeCloseTo(0.5 * needed, 3);
  });
});

describe('a prepared lot', () => {
  it('points to what it was made from, which goes down by what was taken', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'Coir' });
    await count(lotId, 30);
    const body = { id: uuidv7(), code: 'PM-3r', how: 'rinsed', note: 'twice, to 0.5 dS/m', took_L: 12, made_L: 11 };
    const answer = await tester.post<LotRow>(`/lots/${lotId}/prepared`, body);
    expect(answer.status, JSON.stringify(answer.body)).toBe(201);
    expect(answer.body).toMatchObject({
      code: 'PM-3r',
      stock_L: 11,
      origin: { kind: 'prepared', fromId: lotId, fromCode: 'PM-3', how: 'rinsed' },
    });
    expect((await rowOf(lotId)).stock_L).toBe(18);
    const more = { ...body, id: uuidv7(), code: 'PM-3s', took_L: 19 };
    expect((await tester.post(`/lots/${lotId}/prepared`, more)).status).toBe(422);
    expect((await tester.post(`/lots/${lotId}/prepared`, { ...body, id: uuidv7() })).status).toBe(422);
  });

  it('keeps how it went, and what was parted off becomes a lot too, all or nothing', async () => {
    const { lotId, materialId } = await putOnShelf(tester, { name: 'Bark' });
    await count(lotId, 40);
    const rest = { id: uuidv7(), code: 'fines', made_L: 5 };
    const body = {
      id: uuidv7(),
      code: 'sieved',
      how: 'sieved',
      took_L: 20,
      made_L: 14,
      minutes: 25,
      tool: '4 mm mesh',
      passes: 2,
      rest,
    };
    const kept = await tester.post<LotRow>(`/lots/${lotId}/prepared`, body);
    expect(kept.status, JSON.stringify(kept.body)).toBe(201);
    expect(kept.body.origin).toMatchObject({
      record: { took_L: 20, made_L: 14, minutes: 25, tool: '4 mm mesh', passes: 2 },
    });
    const fines = await rowOf(rest.id);
    expect(fines).toMatchObject({ code: 'fines', stock_L: 5, origin: { how: 'sieved', fromId: lotId } });
    expect((await rowOf(lotId)).stock_L).toBe(20);

    const clash = { ...body, id: uuidv7(), code: 'sieved again', rest: { ...rest, id: uuidv7() } };
    expect((await tester.post(`/lots/${lotId}/prepared`, clash)).status).toBe(422);
    const lots = (await tester.list<LotRow>('/lots')).filter((lot) => lot.materialId === materialId);
    expect(lots.map((lot) => lot.code)).not.toContain('sieved again');
    expect((await rowOf(lotId)).stock_L).toBe(20);
  });

  it('may be of a class and grade of its own; what was parted off is of none until somebody says', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'Bark', classId: 'bark-fine' });
    const rest = { id: uuidv7(), code: 'overs' };
    const body = { id: uuidv7(), code: 'nuggets', how: 'sieved', classId: 'bark-graded', grade: '9-18 mm', rest };
    const kept = await tester.post<LotRow>(`/lots/${lotId}/prepared`, body);
    expect(kept.body).toMatchObject({ classId: 'bark-graded', ownClass: true, grade: '9-18 mm' });
    expect(kept.body.partedOff).toBeUndefined();
    const overs = await rowOf(rest.id);
    expect(overs).toMatchObject({ partedOff: true, ownClass: true });
    expect(overs.classId).toBeUndefined();
    expect(overs.grade).toBeUndefined();
    expect((await rowOf(lotId)).classId).toBe('bark-fine');
    const odd = { ...body, id: uuidv7(), code: 'odd', rest: { id: uuidv7(), code: 'odd2', classId: 'gravel-blue' } };
    expect((await tester.post(`/lots/${lotId}/prepared`, odd)).status).toBe(422);
  });

  it('of what was parted off is parted off too', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'Pumice', classId: 'pumice-coarse' });
    const rest = { id: uuidv7(), code: 'dust', classId: 'pumice-fine' };
    await tester.post(`/lots/${lotId}/prepared`, { id: uuidv7(), code: 'clean', how: 'sieved', rest });
    const again = await tester.post<LotRow>(`/lots/${rest.id}/prepared`, { id: uuidv7(), code: 'd2', how: 'rinsed' });
    expect(again.body).toMatchObject({ partedOff: true, classId: 'pumice-fine' });
  });

  it('is refused with passes and times that cannot be', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'Block' });
    const body = { id: uuidv7(), code: 'x', how: 'soaked' };
    for (const wrong of [{ passes: 0.5 }, { minutes: -1 }, { water_L: -2 }, { tool: '' }])
      expect((await tester.post(`/lots/${lotId}/prepared`, { ...body, ...wrong })).status).toBe(422);
  });
});
