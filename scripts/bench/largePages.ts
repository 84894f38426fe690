/// <reference lib="dom" />
import fs from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import type pg from 'pg';
import type { Figure } from './measure';
import { CHROMIUM } from './product';

/** Pages in a real browser: from the address to what one came for. */
export async function pages(url: string, client: pg.Client): Promise<Figure[]> {
  if (!fs.existsSync(CHROMIUM)) return [];
  const { rows: lots } = await client.query<{ id: string }>('select id from lots order by created_at, id limit 1');
  const { rows: blends } = await client.query<{ blend_id: string }>(
    'select blend_id from blend_versions order by jsonb_array_length(flat) desc limit 1',
  );
  const views: readonly (readonly [string, string, string])[] = [
    ['shelf', '/shelf', '[aria-label="Lots"] tbody a'],
    ['bench list', '/bench', '[aria-label="Runs"] tbody a'],
    ['a lot’s card', `/shelf/lots/${String(lots[0]?.id)}`, '[data-figures]'],
    ['blend list', '/blend', '[aria-label="Blends"] tbody a'],
    ['blend desk, 12 lots', `/blend/${String(blends[0]?.blend_id)}`, '[data-value]'],
    ['Today', '/', '[aria-label="Due, in order"]'],
  ];
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(url);
    await page.evaluate(async () => {
      await fetch('/api/session/demo', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ name: 'Tam Oswin' }),
      });
    });
    await page.addInitScript(
      (selectors: readonly string[]) => {
        const seen: Record<string, number> = {};
        Object.assign(globalThis, { seen });
        new MutationObserver(() => {
          for (const one of selectors) {
            if (one in seen || document.querySelector(one) === null) continue;
            seen[one] = 0;
            // After the frame that shows it.
            requestAnimationFrame(() => setTimeout(() => (seen[one] = performance.now())));
          }
        }).observe(document, { childList: true, subtree: true });
      },
      views.map(([, , there]) => there),
    );
    const figures: Figure[] = [];
    for (const [what, address, there] of views) {
      const times: number[] = [];
      for (let i = 0; i < 6; i += 1) {
        await page.goto(url + address, { waitUntil: 'commit' });
        const shown = await page.waitForFunction(
          (one) => (globalThis as unknown as { seen?: Record<string, number> }).seen?.[one],
          there,
        );
        // The first visit fetches the station's script, as after an update.
        if (i > 0) times.push(Number(await shown.jsonValue()));
      }
      figures.push({
        what: `${what}: usable in Chromium, slowest of 5`,
        value: Math.max(...times),
        unit: 'ms',
        bar: 1000,
      });
    }
    return [...figures, ...(await shelf(page, url))];
  } finally {
    await browser.close();
  }
}

/** How long the shelf is scrolled, ms, and how far with each turn of the wheel, px. */
const SCROLL = { for_ms: 4000, turn_px: 240, every_ms: 30 };
const FILTERS = ['bark', 'pum', 'coir'];

/** The shelf under the hand: scrolled through hundreds of lots, and filtered by words. */
async function shelf(page: Page, url: string): Promise<Figure[]> {
  await page.goto(`${url}/shelf?group=none`);
  await page.locator('[aria-label="Lots"] tbody a').first().waitFor();
  await page.evaluate(() => {
    const seen = { frames: [] as number[], long: [] as number[] };
    Object.assign(globalThis, { seen });
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.long.push(duration);
    }).observe({ entryTypes: ['longtask'] });
    let last = performance.now();
    const frame = (now: number): void => {
      seen.frames.push(now - last);
      last = now;
      requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  await page.mouse.move(600, 500);
  for (let gone = 0; gone < SCROLL.for_ms; gone += SCROLL.every_ms) {
    await page.mouse.wheel(0, SCROLL.turn_px);
    await page.waitForTimeout(SCROLL.every_ms);
  }
  const { frames, long } = await page.evaluate(
    () => (globalThis as unknown as { seen: { frames: number[]; long: number[] } }).seen,
  );
  const mean = frames.reduce((sum, one) => sum + one, 0) / frames.length;
  await page.evaluate(() => {
    scrollTo(0, 0);
  });
  const times: number[] = [];
  for (const word of FILTERS) {
    const field = page.getByRole('searchbox');
    await field.fill('');
    await page.waitForTimeout(700);
    // Listened for before anything is typed.
    await field.evaluate((input) => {
      const count = (): string => document.querySelector('[aria-label="Lots"] p')?.textContent ?? '';
      const before = count();
      const shown = new Promise<number>((resolve) => {
        let began = 0;
        input.addEventListener('input', () => (began = performance.now()), { once: true });
        const observer = new MutationObserver(() => {
          if (count() === before) return;
          observer.disconnect();
          requestAnimationFrame(() =>
            setTimeout(() => {
              resolve(performance.now() - began);
            }),
          );
        });
        observer.observe(document, { childList: true, subtree: true, characterData: true });
      });
      Object.assign(globalThis, { shown });
    });
    await field.fill(word);
    times.push(await page.evaluate(() => (globalThis as unknown as { shown: Promise<number> }).shown));
  }
  return [
    { what: 'shelf scrolled: a frame, mean (50 a second)', value: mean, unit: 'ms', bar: 20 },
    { what: 'shelf scrolled: tasks over 50 ms', value: long.length, unit: '', bar: 0 },
    {
      what: 'shelf filtered: from the last letter to its rows, slowest of 3',
      value: Math.max(...times),
      unit: 'ms',
      bar: 150,
    },
  ];
}
