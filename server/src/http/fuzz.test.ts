import * as contract from '@bent-pail/contract';
import { getMetadataStorage } from 'class-validator';
import fc from 'fast-check';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf, startRun } from '../testing/bench';
import { liveRoutes, type LiveRoute } from '../testing/liveRoutes';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

/** A seeded sample in every test run; `npm run crash` sends all of it. */
const BODIES = process.env.BENT_PAIL_CRASH === 'full' ? 20_000 : 300;
const SEED = Number(process.env.BENT_PAIL_SEED ?? '20261128');

/** Fields of all bodies that the server knows, so that a good part of what is sent gets further than the door. */
const FIELDS = [
  ...new Set(
    Object.values(contract as Readonly<Record<string, unknown>>).flatMap((value) =>
      typeof value === 'function'
        ? getMetadataStorage()
            .getTargetValidationMetadatas(value, '', false, false)
            .map(({ propertyName }) => propertyName)
        : [],
    ),
  ),
];

let server: TestServer;
let lead: Client;
/** Things that are there, for addresses and for fields that name them. */
let ids: readonly string[];

beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
  const shelf = await putOnShelf(lead);
  const run = await startRun(lead, shelf);
  const instrument = uuidv7();
  await lead.post('/instruments', { id: instrument, name: 'Pen', kind: 'pH', showsMv: true });
  ids = [shelf.lotId, shelf.materialId, run.id, instrument, ...shelf.vesselIds];
});
afterAll(() => server.close());

const oddNumber = fc.oneof(
  fc.double(),
  fc.integer(),
  fc.constantFrom(0, -0, 1e-320, 1e308, -1e308, 2 ** 53, 2 ** 31, -1, 0.1),
);
const oddText = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.string({ unit: 'grapheme', maxLength: 20 }),
  fc.constantFrom('', ' ', 'a\u0000b', '2026-02-30', '2026-11-24T08:00:00Z', '=1+1', "'; drop table lots; --", '%ZZ'),
  fc.string({ maxLength: 1 }).map((one) => one.repeat(3000)),
);

function bodies(): fc.Arbitrary<unknown> {
  const known = fc.constantFrom(...ids);
  const fresh = fc.uuid();
  const words = fc.constantFrom(
    ...['material', 'product', 'vessel', 'pot', 'saturate-drain-dry', 'ph-1to5', 'tapped', 'pressed', 'packing'],
    ...['pots-all-round', 'lead', 'panellist', 'soaked', 'pH', 'tare', 'air', 'pumice-coarse', 'bag', 'mixed'],
  );
  const leaf = fc.oneof(oddNumber, oddText, known, fresh, words, fc.boolean(), fc.constant(null));
  const { body } = fc.letrec<{ body: unknown; value: unknown }>((tie) => ({
    value: fc.oneof(
      { depthSize: 'small', withCrossShrink: true },
      leaf,
      fc.array(tie('value'), { maxLength: 4 }),
      tie('body'),
    ),
    body: fc.dictionary(fc.oneof({ weight: 9, arbitrary: fc.constantFrom(...FIELDS) }, oddText), tie('value'), {
      maxKeys: 9,
    }),
  }));
  return fc.oneof(
    { weight: 6, arbitrary: body },
    { weight: 1, arbitrary: fc.anything({ withBigInt: false }) },
    { weight: 1, arbitrary: fc.array(body, { maxLength: 3 }) },
  );
}

it(`${String(BODIES)} odd bodies over the live routes break nothing`, async () => {
  const routes = liveRoutes(server.app).filter(
    ({ method, address }) => method !== 'GET' && address !== '/session' && address !== '/me/sessions',
  );
  const calls = fc.tuple(
    fc.constantFrom(...routes),
    fc.array(fc.constantFrom(...ids), { minLength: 3, maxLength: 3 }),
    bodies(),
  );
  const place = ({ address }: LiveRoute, given: readonly string[]): string => {
    let at = 0;
    return address
      .replace(':name', 'blend')
      .replace(':criterion', 'smell')
      .replaceAll(/:\w+/g, () => given[at++ % given.length] as string);
  };
  const broken: string[] = [];
  const statuses = new Map<number, number>();
  for (const [route, given, body] of fc.sample(calls, { numRuns: BODIES, seed: SEED })) {
    const sent = (JSON.stringify(body) as string | undefined) ?? 'null';
    const send = () => lead.send(route.method, place(route, given), sent);
    // A connection that was idle for long may close under a request; a browser sends it once more, and so does this.
    const { status, body: answer } = await send().catch(send);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status >= 500) broken.push(`${route.method} ${route.address} ${sent.slice(0, 300)}: ${JSON.stringify(answer)}`);
  }
  expect(broken).toEqual([]);
  // A fuzz that is turned away at the door says little: some of it must be taken, and most of it refused by its content.
  expect(statuses.get(422) ?? 0).toBeGreaterThan(BODIES / 3);
  for (const address of [
    '/lots',
    '/runs',
    '/today',
    '/counts',
    '/vessels',
    '/blends',
    '/users',
    '/instruments',
    '/protocols',
  ])
    expect([address, (await lead.get(address)).status]).toEqual([address, 200]);
}, 3_600_000);
