import { CALC_LIMITS } from '@bent-pail/contract/calc';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { Calculator } from './calculator';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const component = (i: number) => ({
  name: `c${String(i)}`,
  dryBulkDensity_gcc: 0.1 + 0.05 * i,
  retention: { thetaR: 0.05, thetaS: 0.8, alpha_percm: 0.1 + 0.01 * i, n: 1.8 },
  interparticleVoid: 0.4,
  d50_mm: 1 + i,
  spread: 2,
});
const search = (components: number, parts: number) => ({
  components: Array.from({ length: components }, (_, i) => component(i)),
  parts,
  container: { height_cm: 12 },
  targets: [{ property: 'air', ideal: [0.2, 0.3], limits: [0.1, 0.4], weight: 1 }],
});
const bands = (draws: number) => ({
  components: [0, 1, 2].map((i) => ({ ...component(i), volume: 1 + i, dryBulkDensity_gcc_se: 0.01 })),
  container: { height_cm: 12 },
  model: 'packing',
  draws,
});
const score = (draws: number) => ({
  criteria: [{ name: 'smell', weight: 1, kind: 'panel', function: { type: 'direct' }, raters: [3, 4, 5] }],
  draws,
});

describe('a calculation over HTTP', () => {
  it('answers as on the command line', async () => {
    const { status, body } = await tester.post('/calc/kitchen', {
      vesselVolume_mL: 1000,
      waterAdded_mL: 520,
      drained_mL: 210,
    });
    expect({ status, body }).toMatchObject({ status: 200, body: { airSpace: 0.21 } });
    const refused = await tester.post('/calc/kitchen', { vesselVolume_mL: 'x', waterAdded_mL: 1, drained_mL: 1 });
    expect(refused).toMatchObject({ status: 422, body: { error: { path: 'vesselVolume_mL' } } });
    expect((await tester.post('/calc/sorcery', {})).body).toMatchObject({ error: { path: 'name' } });
  });

  it.each([
    ['recipe-search', search(16, 60), 'parts', /recipes, and a shared server tries at most 400,000/],
    ['bands', bands(100_000), 'draws', /take at most 10,000/],
    ['score', score(100_000), 'draws', /take at most 10,000/],
    ['replicates', { values: Array.from({ length: 30_000 }, (_, i) => i) }, 'input', /30,000 values at once/],
  ])('%s of too much work is refused before it begins, with what would do', async (name, input, path, sentence) => {
    const answer = await tester.post<{ error: { path: string; message: string } }>(`/calc/${name}`, input);
    expect(answer).toMatchObject({ status: 422, body: { error: { path } } });
    expect(answer.body.error.message).toMatch(sentence);
  });

  it('takes on what the limits promise: 300,000 recipes, 10,000 draws', async () => {
    expect(CALC_LIMITS.recipes).toBeGreaterThanOrEqual(300_000);
    const { status, body } = await tester.post<{ evaluated: number }>('/calc/recipe-search', search(10, 12));
    expect({ status, evaluated: body.evaluated }).toEqual({ status: 200, evaluated: 293_930 });
    expect((await tester.post('/calc/bands', bands(10_000))).status).toBe(200);
  });

  it('keeps nobody waiting: the server answers meanwhile', async () => {
    const heavy = tester.post('/calc/recipe-search', search(9, 12));
    let answered = 0;
    const over = new AbortController();
    void heavy.then(() => {
      over.abort();
    });
    while (!over.signal.aborted) {
      expect((await server.anonymous().get('/health')).status).toBe(200);
      answered += 1;
    }
    // Were it calculated on the server's own thread, the first answer would come after the last recipe.
    expect(answered).toBeGreaterThan(5);
  });

  it('that numbers cannot bear is refused, and does not count for ever', async () => {
    const odd = { ...search(2, 3), components: [{ ...component(0), minParts: -1e308 }, component(1)] };
    expect((await tester.post('/calc/recipe-search', odd)).status).toBe(422);
    expect((await tester.post('/calc/recipe-search', { ...search(2, 3), parts: 1e9 })).status).toBe(422);
  });
});

describe('the calculator', () => {
  it('ends what takes too long, and goes on with the next', async () => {
    const calculator = new Calculator(60);
    await expect(calculator.calculate({ name: 'recipe-search', input: search(10, 12) })).rejects.toMatchObject({
      status: 422,
      problem: { code: 'too-long' },
    });
    await calculator.close();
  });

  it('sends away who comes when too many wait', async () => {
    const calculator = new Calculator();
    const all = Array.from({ length: 16 }, () => calculator.calculate({ name: 'bands', input: bands(20) }));
    const ends = await Promise.allSettled(all);
    const away = ends.filter((end) => end.status === 'rejected');
    expect(away.length).toBeGreaterThan(0);
    expect(away.every((end) => (end.reason as { status: number }).status === 503)).toBe(true);
    expect(ends.filter((end) => end.status === 'fulfilled')).toHaveLength(13);
    await calculator.close();
  });
});
