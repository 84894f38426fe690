import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { Client } from './client';
import type { Figure } from './measure';
import { withProduct } from './product';

const CALCULATING = 4;
const READINGS = 150;
/** Between two readings, ms. */
const EVERY_MS = 60;
const PHOTOS = 12;

const component = (i: number) => ({
  name: `c${String(i)}`,
  dryBulkDensity_gcc: 0.1 + 0.05 * i,
  dryBulkDensity_gcc_se: 0.01,
  retention: { thetaR: 0.05, thetaS: 0.8, alpha_percm: 0.1 + 0.01 * i, n: 1.8 },
  interparticleVoid: 0.4,
  d50_mm: 1 + i,
  spread: 2,
});
const components = (count: number) => Array.from({ length: count }, (_, i) => component(i));
const container = { height_cm: 12 };

/** The heaviest that is taken on: 352,716 recipes of eleven, and 10,000 draws of sixteen. */
const HEAVY: readonly (readonly [string, object])[] = [
  [
    'recipe-search',
    {
      components: components(11).map(({ dryBulkDensity_gcc_se: _, ...one }) => one),
      parts: 11,
      container,
      targets: [{ property: 'air', ideal: [0.2, 0.3], limits: [0.1, 0.4], weight: 1 }],
    },
  ],
  [
    'bands',
    { components: components(16).map((one) => ({ ...one, volume: 1 })), container, model: 'packing', draws: 10_000 },
  ],
];

async function openRun(me: Client): Promise<string> {
  const [materialId, lotId, runId] = [randomUUID(), randomUUID(), randomUUID()];
  const body = { name: `Bark ${runId.slice(0, 6)}`, protocol: 'ph-1to5', materialId, lotId, runId };
  await me.send('POST', '/quick-start', JSON.stringify(body));
  return runId;
}

/** Times of keeping readings while four people have the heaviest calculations made, ms. */
async function underLoad(url: string): Promise<number[]> {
  const tester = await Client.enter(url, 'Tam Oswin');
  const runId = await openRun(tester);
  const until = new AbortController();
  const calculate = async (i: number): Promise<void> => {
    const me = await Client.enter(url, 'Isla Brandreth');
    while (!until.signal.aborted) {
      const [name, input] = HEAVY[i % HEAVY.length] as (typeof HEAVY)[number];
      const answer = await me.send('POST', `/calc/${name}`, JSON.stringify(input));
      if (!answer.ok) throw new Error(`${name} answered ${String(answer.status)}: ${await answer.text()}`);
    }
  };
  const calculating = Promise.all(Array.from({ length: CALCULATING }, (_, i) => calculate(i)));
  await new Promise((resolve) => setTimeout(resolve, 1500));
  const times: number[] = [];
  for (let i = 0; i < READINGS; i += 1) {
    const reading = {
      id: randomUUID(),
      replicate: 0,
      step: 'pH',
      value: 5 + i / 1000,
      takenAt: new Date().toISOString(),
    };
    const began = performance.now();
    const answer = await tester.send('POST', `/runs/${runId}/readings`, JSON.stringify(reading));
    times.push(performance.now() - began);
    if (answer.status !== 201) throw new Error(`a reading was answered ${String(answer.status)}`);
    await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
  }
  until.abort();
  await calculating;
  return times;
}

async function sendPhotos(url: string): Promise<void> {
  const me = await Client.enter(url, 'Tam Oswin');
  const runId = await openRun(me);
  const background = { r: 120, g: 140, b: 90 };
  const noise = { type: 'gaussian', mean: 128, sigma: 40 } as const;
  const file = await sharp({ create: { width: 8000, height: 6000, channels: 3, background, noise } })
    .jpeg({ quality: 40 })
    .toBuffer();
  const sent = Array.from({ length: PHOTOS }, () =>
    me.send('PUT', `/runs/${runId}/photos/${randomUUID()}`, file, 'image/jpeg'),
  );
  for (const answer of await Promise.all(sent))
    if (answer.status !== 204)
      throw new Error(`a photo of ${String(file.length)} bytes was answered ${String(answer.status)}`);
}

/** What others notice of heavy calculations and of large photos. */
export const loadFigures = (): Promise<Figure[]> =>
  withProduct(async ({ url, peak_MB }) => {
    const times = (await underLoad(url)).sort((a, b) => a - b);
    const p95 = times[Math.floor(0.95 * (times.length - 1))] as number;
    await sendPhotos(url);
    return [
      { what: 'a reading kept while four calculate the heaviest, p95', value: p95, unit: 'ms', bar: 100 },
      { what: 'the server’s memory with twelve photos of 48 Mpx at once', value: peak_MB(), unit: 'MB', bar: 300 },
    ];
  });
