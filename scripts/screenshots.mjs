// One current picture of each main view, from the demo data: npm run screenshots [-- --only NAME,NAME] [--out FOLDER] [--url ADDRESS]
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { ROOT } from './build.mjs';

const { values } = parseArgs({
  options: {
    only: { type: 'string' },
    out: { type: 'string' },
    url: { type: 'string' },
    dark: { type: 'boolean', default: false },
  },
});
const out = path.resolve(values.out ?? path.join(ROOT, 'docs/screenshots'));
const DESK = { width: 1280, height: 800 };
const TABLET = { width: 820, height: 1180 };
const PHONE = { width: 390, height: 844 };

const byName = (rows, name) => rows.find((row) => `${row.name ?? row.product?.name ?? row.lotName}`.includes(name));
const openRun = (rows, label) => rows.find((row) => row.finishedAt === undefined && row.lotName.includes(label));

/** Name, size, who looks, and the address; a function may ask the API first, and `act` may press something. */
const VIEWS = [
  { name: 'today', size: DESK, as: 'Isla Brandreth', path: () => '/' },
  { name: 'shelf', size: DESK, as: 'Isla Brandreth', path: () => '/shelf' },
  {
    name: 'card',
    size: DESK,
    as: 'Isla Brandreth',
    path: async (api) => `/shelf/lots/${byName(await api('/lots'), 'Pumice').id}`,
    act: (page) => page.locator('[data-figures] [data-working]').nth(1).click(),
  },
  {
    name: 'bench',
    size: DESK,
    as: 'Tam Oswin',
    path: async (api) => `/bench/runs/${openRun(await api('/runs'), 'Rice').id}`,
  },
  {
    name: 'bench-tablet',
    size: TABLET,
    as: 'Tam Oswin',
    path: async (api) => `/bench/runs/${openRun(await api('/runs'), 'Pumice').id}`,
  },
  {
    name: 'record',
    size: DESK,
    as: 'Isla Brandreth',
    path: () => '/record',
    act: async (page) => {
      await page.keyboard.press('/');
      await page.keyboard.type('camelia');
      await page.getByRole('group', { name: 'Filled pots' }).waitFor();
    },
  },
  {
    name: 'blend',
    size: DESK,
    as: 'Isla Brandreth',
    path: async (api) => `/blend/${byName(await api('/blends'), 'Camellia').id}`,
  },
  {
    name: 'blend-dark',
    size: DESK,
    dark: true,
    as: 'Isla Brandreth',
    path: async (api) => `/blend/${byName(await api('/blends'), 'Alpine').id}`,
  },
  {
    name: 'pot',
    size: DESK,
    as: 'Isla Brandreth',
    path: async (api) =>
      `/pot?with=blend:${byName(await api('/blends'), 'Camellia').id}&vs=depths&stand=glass&water=every:7`,
    act: (page) => page.getByText('Drained since it was soaked').waitFor({ timeout: 60_000 }),
  },
  {
    name: 'class',
    size: DESK,
    as: 'Isla Brandreth',
    path: async (api) => `/class/${byName(await api('/classes'), 'Potting').id}/wall`,
    act: (page) => page.locator('[data-group="4"]').click(),
  },
  {
    name: 'class-phone',
    size: PHONE,
    as: 'Isla Brandreth',
    path: async (api) => {
      const { id } = byName(await api('/classes'), 'Evening');
      return `/join/${(await api(`/classes/${id}`)).code}`;
    },
    act: async (page) => {
      await page.getByRole('button', { name: /^Group 2/ }).click();
      await page.getByText('Time 2 of 2, step 1 of 4').waitFor();
    },
  },
  {
    name: 'score',
    size: DESK,
    as: 'Isla Brandreth',
    path: async (api) => `/score/cards/${byName(await api('/scorecards'), 'Thrushwick').id}`,
  },
  {
    name: 'sitting',
    size: DESK,
    as: 'Isla Brandreth',
    path: async (api) => `/score/sittings/${byName(await api('/scorecards'), 'Thrushwick').sittingId}`,
  },
  {
    name: 'grow',
    size: DESK,
    as: 'Tam Oswin',
    path: async (api) => `/grow/${byName(await api('/trials'), 'Autumn').id}`,
  },
  {
    name: 'grow-day',
    size: TABLET,
    as: 'Tam Oswin',
    path: async (api) => `/grow/${byName(await api('/trials'), 'Hulls').id}/day`,
    act: async (page) => {
      for (const key of ['3', '5', '4']) {
        await page.keyboard.type(key);
        await page.keyboard.press('Enter');
      }
    },
  },
  { name: 'prices', size: DESK, as: 'Isla Brandreth', path: () => '/score/prices' },
  { name: 'ranking', size: DESK, as: 'Isla Brandreth', path: () => '/score/ranking' },
  {
    name: 'shop-phone',
    size: PHONE,
    path: () => '/shop',
    act: async (page) => {
      for (const [place, name, price, pack] of [
        [0, 'Fell End Multi', '9.50', '50'],
        [1, 'Scarp All-purpose', '6.20', '40'],
      ]) {
        await page.getByLabel(`Pack ${String(place + 1)}, its name`).fill(name);
        await page.getByLabel('Price of one').nth(place).fill(price);
        await page.getByLabel('On the label, L').nth(place).fill(pack);
      }
      await page.getByRole('status').scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'rate-phone',
    size: PHONE,
    as: 'Petra Lund',
    path: async (api) => `/score/sheets/${(await api('/sheets')).find((sheet) => !sheet.handedIn).scorecardId}`,
  },
];

async function served() {
  if (values.url !== undefined) return { url: values.url, stop: () => undefined };
  const child = spawn(process.execPath, [path.join(ROOT, 'scripts/start.mjs'), '--fresh-demo'], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (part) => {
      said += String(part);
      const found = /open at (\S+)/.exec(said);
      if (found !== null) resolve(found[1]);
    });
    child.once('exit', () => reject(new Error(`The notebook did not start.\n${said}`)));
  });
  return { url, stop: () => child.kill('SIGTERM') };
}

/** A picture of a page on which nothing changes any more: bands and charts come a while later. What ticks is taken as it is. */
async function still(page) {
  let seen = await page.screenshot();
  for (let i = 0; i < 15; i += 1) {
    await page.waitForTimeout(1000);
    const now = await page.screenshot();
    if (now.equals(seen)) break;
    seen = now;
  }
  return seen;
}

const { url, stop } = await served();
fs.mkdirSync(out, { recursive: true });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const wanted = values.only?.split(',');
for (const view of VIEWS.filter(({ name }) => wanted === undefined || wanted.includes(name))) {
  const dark = view.dark === true || values.dark;
  const context = await browser.newContext({
    viewport: view.size,
    colorScheme: dark ? 'dark' : 'light',
    locale: 'en-GB',
    timezoneId: 'Europe/London',
  });
  const page = await context.newPage();
  page.on('console', (message) => {
    if (message.type() === 'error' || message.type() === 'warning') console.error(`${view.name}: ${message.text()}`);
  });
  page.on('pageerror', (error) => console.error(`${view.name}: ${error.message}`));
  await page.goto(url);
  // Of a list its first page, as long as a page can be.
  const api = (address) =>
    page.evaluate(async (at) => {
      const isList = ['/lots', '/runs', '/blends', '/scorecards', '/sheets', '/claims', '/trials'].includes(at);
      const answer = await (await fetch(`/api${at}${isList ? '?limit=200' : ''}`)).json();
      return isList ? answer.rows : answer;
    }, address);
  if (view.as !== undefined) {
    await page.evaluate(async (name) => {
      await fetch('/api/session/demo', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ name }),
      });
    }, view.as);
  }
  await page.goto(url + (await view.path(api)));
  // The stream of changes never ends, so a quiet network is not to be waited for.
  await page.locator('main').first().waitFor();
  await page.waitForTimeout(2200);
  // All its parts have come, and what is worked out has been.
  await page.waitForFunction(() => document.querySelector('[data-moment]') === null, undefined, { timeout: 60_000 });
  if (view.act !== undefined) {
    await view.act(page);
    await page.waitForTimeout(500);
  }
  fs.writeFileSync(path.join(out, `${view.name}.png`), await still(page));
  console.log(`${view.name}.png`);
  await context.close();
}
await browser.close();
stop();
