import path from 'node:path';
import { AxeBuilder } from '@axe-core/playwright';
import type { LotRow, SheetRow } from '@bent-pail/contract';
import { VIEWS } from '../../web/src/app/views';
import type { Asker } from '../../web/src/shared/view';
import { ROOT } from './cluster';
import { expect, look } from './notebook';
import { stands } from './stands';
import { inTurn } from './turns';
import { Person } from './person';

// What the console says would else be about the worker that is kept out.
look.use({ serviceWorkers: 'allow' });

const SIZES = {
  desk: { width: 1280, height: 800 },
  tablet: { width: 820, height: 1180 },
  phone: { width: 390, height: 844 },
} as const;

/** Nothing is wider than these: a tablet, phones small and large, upright and lying, a screen at 200 %. */
const NARROW = [
  SIZES.tablet,
  SIZES.phone,
  { width: 320, height: 640 },
  { width: 430, height: 932 },
  { width: 844, height: 390 },
  { width: 640, height: 400 },
] as const;

const SCHEMES = ['light', 'dark'] as const;

/** A way of looking at a page: how large, and by day or by night. */
interface Looked {
  readonly size: keyof typeof SIZES;
  readonly scheme: (typeof SCHEMES)[number];
}
const WAYS: readonly Looked[] = SCHEMES.flatMap((scheme) =>
  (Object.keys(SIZES) as (keyof typeof SIZES)[]).map((size) => ({ size, scheme })),
);

/** Rules that are off unless somebody asks: all those that are no AAA and no call to look for oneself. */
const RULES = [
  'target-size',
  'css-orientation-lock',
  'focus-order-semantics',
  'label-content-name-mismatch',
  'p-as-heading',
  'table-fake-caption',
  'td-has-header',
] as const;
const ON = Object.fromEntries(RULES.map((rule) => [rule, { enabled: true }]));

/** No finding at all, by any rule; levels and slips have come to rest. */
async function check(me: Person, where: string): Promise<void> {
  await me.page.waitForTimeout(400);
  const { violations } = await new AxeBuilder({ page: me.page }).options({ rules: ON }).analyze();
  // Whatever else there is on this page and on others is said too.
  expect
    .soft(violations.flatMap(({ id, nodes }) => nodes.map(({ html }) => `${where}: ${id}: ${html.slice(0, 160)}`)))
    .toEqual([]);
}

async function checkAt(me: Person, address: string, ways: readonly Looked[]): Promise<void> {
  for (const { size, scheme } of ways) {
    await me.page.setViewportSize(SIZES[size]);
    await me.page.emulateMedia({ colorScheme: scheme });
    await check(me, `${address}, ${size}, ${scheme}`);
  }
  await me.page.emulateMedia({ colorScheme: 'light' });
}

/** The views, some to a test, so that no one test takes all the time. */
const PARTS = [
  ['today', 'shelf', 'people'],
  ['bench', 'score'],
  ['verdicts', 'words', 'shop', 'record'],
  ['class', 'join'],
  ['grow'],
  ['protocols', 'instruments', 'vessels', 'laboratory', 'devices'],
  ['blend', 'pot'],
] as const;

look('every view is looked at', () => {
  expect(PARTS.flat().sort()).toEqual(Object.keys(VIEWS).sort());
});

/** Every tenth page in a test run in one of six ways, others each day; `npm run axe` looks at all of them in all ways. */
const FULL = process.env.BENT_PAIL_AXE === 'full';
const ALL_WAYS_MS = 20 * 60000;
const isLookedAt = inTurn(10, FULL);

for (const part of PARTS) {
  look(`no finding, and nothing wider than the screen: ${part.join(', ')}`, async ({ browser, notebook }) => {
    // Every page in six ways takes its time.
    if (FULL) look.setTimeout(ALL_WAYS_MS);
    else look.slow();
    const me = await Person.enter(browser, notebook, 'Isla Brandreth');
    const errors: string[] = [];
    me.page.on('console', (message) => {
      if (message.type() === 'error' || message.type() === 'warning') errors.push(message.text());
    });
    me.page.on('pageerror', (error) => errors.push(error.message));
    const ask: Asker = { list: (address) => me.list(address), all: (address) => me.ask(address) };
    const addresses: string[] = [];
    for (const name of part) addresses.push(...((await VIEWS[name]?.looks(ask)) ?? []));
    let looked = 0;
    for (const address of addresses.filter(isLookedAt)) {
      await me.page.goto(`${notebook.url}${address}`);
      // Not while it is on its way: until then it says that it takes a moment.
      await stands(me.page);
      await checkAt(me, address, FULL ? WAYS : WAYS.filter((_, way) => way === looked % WAYS.length));
      looked += 1;
      for (const size of NARROW) {
        await me.page.setViewportSize(size);
        // Asked until it holds: a table becomes a list only once it has learned of the new width.
        const over = () => me.page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        await expect.poll(over, `${address} at ${String(size.width)}`).toBeLessThanOrEqual(0);
      }
      await me.page.setViewportSize(SIZES.desk);
    }
    expect(errors).toEqual([]);
  });
}

look(
  'the drawer, the dark page, the door and the rating sheet on a phone have none either',
  async ({ browser, notebook }) => {
    const me = await Person.enter(browser, notebook, 'Isla Brandreth', { colorScheme: 'dark' });
    const lots = await me.list<LotRow>('/lots');
    await me.go(`/shelf/lots/${(lots.find((one) => one.code === 'PM-3') as LotRow).id}`);
    await me.page.locator('[data-figures] [data-working]').first().click();
    await check(me, 'card with drawer, dark');
    const outside = await browser.newContext();
    const door = await outside.newPage();
    await door.goto(notebook.url);
    await door.getByRole('heading', { name: 'The Tollgarth notebook' }).waitFor();
    await check(new Person(door, notebook), 'door');
    const rater = await Person.enter(browser, notebook, 'Petra Lund', { viewport: SIZES.phone });
    const sheet = (await rater.list<SheetRow>('/sheets'))[0] as SheetRow;
    await rater.go(`/score/sheets/${sheet.scorecardId}`);
    await check(rater, 'rating sheet');
  },
);

look('the kit has none, by day and by night', async ({ browser, notebook }) => {
  if (FULL) look.setTimeout(ALL_WAYS_MS);
  const { createServer } = await import('vite');
  process.env.BENT_PAIL_API = notebook.url;
  const kit = await createServer({
    configFile: path.join(ROOT, 'web/vite.config.ts'),
    logLevel: 'error',
    server: { port: 4800 + Number(process.env.TEST_PARALLEL_INDEX ?? '0'), strictPort: false },
  });
  try {
    await kit.listen();
    const url = (kit.resolvedUrls?.local[0] ?? '').replace(/\/$/, '');
    const me = await Person.enter(browser, notebook, 'Isla Brandreth');
    await me.page.goto(`${url}/kit`);
    await me.page.getByRole('heading', { name: 'The kit' }).waitFor();
    await checkAt(me, '/kit', FULL ? WAYS : WAYS.slice(0, 1));
  } finally {
    await kit.close();
  }
});
