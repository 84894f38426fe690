/// <reference lib="dom" />
import fs from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import type { Figure } from './measure';
import { CHROMIUM, withProduct } from './product';

const REPLICATES = 12;
const CELLS = 30;

/** A sheet of twelve replicates, its first rows filled, opened by somebody who may write. */
async function openSheet(page: Page, url: string): Promise<void> {
  await page.goto(url);
  const runId = await page.evaluate(async (replicates) => {
    const send = async (address: string, body: unknown): Promise<Response> =>
      fetch(`/api${address}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
    await send('/session/demo', { name: 'Tam Oswin' });
    const list = async <T>(address: string): Promise<T> => (await fetch(`/api${address}`)).json() as Promise<T>;
    const [lots, vessels] = await Promise.all([
      list<{ rows: { id: string }[] }>('/lots'),
      list<{ id: string; height_cm: number }[]>('/vessels'),
    ]);
    const used = vessels.filter((vessel) => vessel.height_cm === 12).map((vessel) => vessel.id);
    const id = crypto.randomUUID();
    await send('/runs', {
      id,
      lotId: lots.rows[0]?.id,
      protocol: 'saturate-drain-dry',
      replicates,
      vesselIds: Array.from({ length: replicates }, (_, i) => used[i % used.length]),
      settings: { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 },
    });
    return id;
  }, REPLICATES);
  await page.goto(`${url}/bench/runs/${runId}`);
  await page.locator('[data-lit] input[inputmode="decimal"]').first().waitFor();
}

/** Time from each key to the frame that shows what it did, ms. */
async function keyTimes(page: Page): Promise<number[]> {
  await page.evaluate(() => {
    const times: number[] = [];
    Object.assign(globalThis, { keyTimes: times });
    addEventListener(
      'keydown',
      (event) => {
        requestAnimationFrame(() => {
          const painted = new MessageChannel();
          painted.port1.onmessage = () => times.push(performance.now() - event.timeStamp);
          painted.port2.postMessage(undefined);
        });
      },
      { capture: true },
    );
  });
  for (let i = 0; i < CELLS; i += 1) {
    // Water temperature, then tares of twelve, then filled: all within bounds.
    for (const key of i === 0 ? '18' : `3${String(10 + i)}`) await page.keyboard.press(key, { delay: 40 });
    await page.keyboard.press('Enter', { delay: 40 });
    await page.waitForTimeout(120);
  }
  return page.evaluate(() => (globalThis as unknown as { keyTimes: number[] }).keyTimes);
}

const at = (times: readonly number[], share: number): number =>
  [...times].sort((a, b) => a - b)[Math.floor(share * (times.length - 1))] as number;

/** Typing into a full sheet in a real browser, against a real server. */
export async function typingFigures(): Promise<Figure[]> {
  if (!fs.existsSync(CHROMIUM)) {
    process.stdout.write('typing into a sheet is not measured: Chromium is missing, npm test installs it\n');
    return [];
  }
  return withProduct(async ({ url }) => {
    const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
    try {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await openSheet(page, url);
      const times = await keyTimes(page);
      return [
        { what: 'a key in a sheet of 12 replicates to shown, median', value: at(times, 0.5), unit: 'ms', bar: 50 },
        { what: 'the same, 95 of 100 keys', value: at(times, 0.95), unit: 'ms', bar: 50 },
      ];
    } finally {
      await browser.close();
    }
  });
}
