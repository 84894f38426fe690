import { randomUUID } from 'node:crypto';
import fs from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import os from 'node:os';
import path from 'node:path';
import type { Browser, BrowserContextOptions } from '@playwright/test';
import { expect, test, type Notebook } from './notebook';
import { Person } from './person';
import { Started } from './started';

/** A name of the house that this browser alone turns to this computer: nothing leaves it. */
const NAME = 'bench.test';

test.use({
  launchOptions: {
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--host-resolver-rules=MAP ${NAME} 127.0.0.1`,
    ],
  },
});

/** The same notebook by its name of the house, which makes it no secure context. */
const byName = ({ url }: Notebook): { readonly url: string } => ({ url: url.replace('127.0.0.1', NAME) });

test.describe('at an address that is not secure', () => {
  test.use({ env: { BENT_PAIL_HOSTS: NAME } });

  test('readings are kept and sent, one tab at a time, and the page says what is missing', async ({
    browser,
    notebook,
  }) => {
    const me = await Person.throughTheDoor(browser, byName(notebook), 'Tam Oswin');
    expect(await me.page.evaluate(() => [window.isSecureContext, 'locks' in navigator])).toEqual([false, false]);
    await expect(me.page.getByText('This address is not secure.')).toBeVisible();
    const runId = await me.openSheet();
    const stored = async (): Promise<number[]> =>
      (
        await notebook.rows<{ value: number }>('select value from readings where run_id = $1 order by seq', [runId])
      ).map(({ value }) => value);
    await me.read(5.1);
    await expect(me.kept()).toHaveCount(1);
    const second = new Person(await me.context.newPage(), byName(notebook));
    await second.page.goto(me.page.url());
    await expect(second.kept()).toHaveCount(1);
    await notebook.kill();
    await me.read(5.2);
    await second.page.bringToFront();
    await expect(second.waiting()).toHaveCount(1);
    await second.read(5.3);
    await notebook.start();
    await expect.poll(async () => [...(await stored())].sort((a, b) => a - b)).toEqual([5.1, 5.2, 5.3]);
    await expect(second.kept()).toHaveCount(3);
    // The tab that sent is closed: the other one takes its turn.
    await me.page.close();
    await second.read(5.4);
    await expect(second.kept()).toHaveCount(4);
    expect(await stored()).toHaveLength(4);
  });

  test('another name is no name of this notebook', async ({ notebook }) => {
    const statusFor = (host: string): Promise<number | undefined> =>
      new Promise((resolve, reject) => {
        http
          .get(`${notebook.url}/api/session`, { headers: { host } }, (response) => {
            response.resume();
            resolve(response.statusCode);
          })
          .on('error', reject);
      });
    expect([await statusFor('evil.test'), await statusFor(NAME)]).toEqual([421, 200]);
  });
});

const PASSWORD = 'a pail of grey water';

/** Somebody comes in at the door of a notebook without demo people. */
async function signIn(browser: Browser, url: string, options: BrowserContextOptions = {}): Promise<Person> {
  const context = await browser.newContext({ locale: 'en-GB', ignoreHTTPSErrors: true, ...options });
  const page = await context.newPage();
  await page.goto(url);
  await page.getByLabel('Name').fill('Ann');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('navigation', { name: 'Order of the work' }).waitFor();
  return new Person(page, { url });
}

/** A page of the notebook, asked for by somebody who trusts its authority and nobody else. */
function trusting(
  address: string,
  ca: Buffer,
  page: string,
): Promise<{ readonly status: number; readonly text: string }> {
  const { port, host } = new URL(address);
  return new Promise((resolve, reject) => {
    https
      .get({ host: '127.0.0.1', port, servername: NAME, path: page, headers: { host }, ca }, (response) => {
        let text = '';
        response.on('data', (part) => (text += String(part)));
        response.on('end', () => {
          resolve({ status: response.statusCode ?? 0, text });
        });
      })
      .on('error', reject);
  });
}

test('started for the house’s network it is there over HTTPS, with a certificate that can be trusted, and carries that address', async ({
  browser,
}) => {
  test.setTimeout(120_000);
  const data = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-network-'));
  fs.chmodSync(data, 0o755);
  const start = new Started(data, {
    args: ['--empty', '--network'],
    // On loopback only: no test opens a door to the network.
    env: { BENT_PAIL_NETWORK_NAME: NAME, BENT_PAIL_NETWORK_HOST: '127.0.0.1' },
  });
  try {
    const own = await start.address();
    const [, address = ''] = await start.until(/network it is open at (https:\S+)/);
    expect(address).toMatch(new RegExp(`^https://${NAME}:\\d+$`));
    const ca = fs.readFileSync(path.join(data, 'tls/authority.crt'));
    expect(await trusting(address, ca, '/trust.crt')).toEqual({ status: 200, text: String(ca) });

    await fetch(`${own}/api/first-lead`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: own },
      body: JSON.stringify({ name: 'Ann', password: PASSWORD, place: 'Shed' }),
    });
    const phone = await signIn(browser, address, { viewport: { width: 390, height: 844 } });
    expect(await phone.page.evaluate(() => window.isSecureContext)).toBe(true);
    await expect(phone.page.getByText('This address is not secure.')).toHaveCount(0);
    const bench = await signIn(browser, own);
    const [runId, lotId, materialId] = [randomUUID(), randomUUID(), randomUUID()];
    const begun = await bench.tell('POST', '/quick-start', {
      ...{ name: 'Pumice', protocol: 'ph-1to5' },
      ...{ runId, lotId, materialId },
    });
    expect(begun.status).toBe(201);
    await phone.go(`/bench/runs/${runId}`);
    await phone.read(5.1);
    await expect(phone.kept()).toHaveCount(1);
    await bench.tell('POST', '/jobs', {
      jobs: [{ id: randomUUID(), at: '2026-12-01T08:00:00Z', what: 'Soak', where: 'Tub', to: `/bench/runs/${runId}` }],
    });

    // What is printed at the bench computer leads phones to the address of the house.
    await bench.page.goto(`${own}/shelf/lots/${lotId}/labels`);
    await expect(
      bench.page.getByRole('img', { name: `Code for ${address}/shelf/lots/${lotId}` }).first(),
    ).toBeVisible();
    const calendar = await bench.page.evaluate(async () => (await fetch('/api/today.ics')).text());
    expect(calendar.replaceAll(/\r\n[ \t]/g, '')).toContain(`${address}/bench/runs/${runId}`);
  } finally {
    await start.stop();
    fs.rmSync(data, { recursive: true, force: true });
  }
});

test('the certificate is made once and kept; only what it vouches for is made anew when names change', async () => {
  const data = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-tls-'));
  const { certificateFor } = (await import(path.join(import.meta.dirname, '../../scripts/certificate.mjs'))) as {
    certificateFor: (folder: string, names: readonly string[]) => Promise<{ certFile: string; authorityFile: string }>;
  };
  const read = ({ certFile, authorityFile }: { certFile: string; authorityFile: string }): string[] =>
    [authorityFile, certFile].map((file) => fs.readFileSync(file, 'utf8'));
  const first = read(await certificateFor(data, [NAME, '192.0.2.7']));
  expect(read(await certificateFor(data, [NAME, '192.0.2.7']))).toEqual(first);
  const moved = read(await certificateFor(data, [NAME, '192.0.2.8']));
  expect(moved[0]).toBe(first[0]);
  expect(moved[1]).not.toBe(first[1]);
  expect(fs.statSync(path.join(data, 'authority.key')).mode & 0o777).toBe(0o600);
  fs.rmSync(data, { recursive: true, force: true });
});
