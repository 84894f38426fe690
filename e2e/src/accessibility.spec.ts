import { AxeBuilder } from '@axe-core/playwright';
import type { BlendRow, LotRow, RunRow, ScorecardRow, SheetRow } from '@bent-pail/contract';
import { expect, look } from './notebook';
import { Person } from './person';

// What the console says would else be about the worker that is kept out.
look.use({ serviceWorkers: 'allow' });

const SIZES = {
  desk: { width: 1280, height: 800 },
  tablet: { width: 820, height: 1180 },
  phone: { width: 390, height: 844 },
} as const;

async function check(me: Person, where: string): Promise<void> {
  await me.page.waitForTimeout(400);
  const { violations } = await new AxeBuilder({ page: me.page }).analyze();
  const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(serious.map(({ id, nodes }) => `${where}: ${id}: ${nodes[0]?.html ?? ''}`)).toEqual([]);
}

/** Addresses by station, so that no one test takes all the time. */
const VIEWS: Readonly<Record<string, (me: Person) => Promise<string[]>>> = {
  'today, shelf and bench': async (me) => {
    const lots = await me.list<LotRow>('/lots');
    const runs = await me.list<RunRow>('/runs');
    const open = runs.find((one) => one.finishedAt === undefined) as RunRow;
    const finished = runs.find((one) => one.finishedAt !== undefined) as RunRow;
    const lot = lots.find((one) => one.code === 'PM-3') as LotRow;
    return [
      '/',
      '/shelf',
      '/shelf/new',
      `/shelf/lots/${lot.id}`,
      '/bench?start',
      `/bench/runs/${open.id}`,
      `/bench/runs/${finished.id}`,
      `/bench/runs/${finished.id}/print`,
    ];
  },
  'what stands around the bench': async (me) => {
    const lots = await me.list<LotRow>('/lots');
    const batch = lots.find((one) => one.code === 'CT-1') as LotRow;
    const bag = lots.find((one) => one.code === 'PM-4') as LotRow;
    return [
      `/shelf/lots/${batch.id}/labels`,
      `/shelf/lots/${bag.id}/print`,
      `/shelf/lots/${bag.id}/intake`,
      '/bench/laboratory',
      '/bench/round',
      '/bench/protocols',
      '/bench/instruments',
      '/bench/vessels',
      '/bench/devices',
    ];
  },
  'the desk, question by question': async (me) => {
    const blend = (await me.list<BlendRow>('/blends')).find((one) => one.name === 'Camellia tub') as BlendRow;
    const panels = ['sweep', 'lines', 'pot', 'food', 'schools', 'batch', 'versions'];
    return [
      ...panels.map((key) => `/blend/${blend.id}?ask=${key}`),
      `/blend/${blend.id}/versions/2/sheet?kind=pots&pots=12`,
    ];
  },
  'blend, score and the rest': async (me) => {
    const [blend] = await me.list<BlendRow>('/blends');
    const [card] = await me.list<ScorecardRow>('/scorecards');
    return [
      '/blend',
      '/blend/bench',
      '/blend/plants',
      '/blend/uses',
      `/blend/compare?with=blend:${blend?.id ?? ''}`,
      `/blend/${(blend as BlendRow).id}`,
      '/score?start',
      `/score/cards/${(card as ScorecardRow).id}`,
      '/you',
      '/nowhere',
    ];
  },
};

/** Every third page in a test run, another third each day; `npm run axe` looks at all of them. */
const FULL = process.env.BENT_PAIL_AXE === 'full';
const DAY_MS = 24 * 3600 * 1000;
const SEED = Number(process.env.BENT_PAIL_SEED ?? Math.floor(Date.now() / DAY_MS));
const isLookedAt = (_address: string, i: number): boolean => FULL || (i + SEED) % 3 === 0;

for (const [part, addressesOf] of Object.entries(VIEWS)) {
  look(`no serious finding, and nothing wider than the screen: ${part}`, async ({ browser, notebook }) => {
    look.slow();
    const me = await Person.enter(browser, notebook, 'Isla Brandreth');
    const errors: string[] = [];
    me.page.on('console', (message) => {
      if (message.type() === 'error' || message.type() === 'warning') errors.push(message.text());
    });
    me.page.on('pageerror', (error) => errors.push(error.message));
    for (const address of (await addressesOf(me)).filter(isLookedAt)) {
      await me.page.goto(`${notebook.url}${address}`);
      await me.page.locator('main').waitFor();
      await check(me, address);
      for (const size of [SIZES.tablet, SIZES.phone]) {
        await me.page.setViewportSize(size);
        const over = await me.page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        expect(over, `${address} at ${String(size.width)}`).toBeLessThanOrEqual(0);
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
    await me.page.locator('.props [data-working]').first().click();
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
