/// <reference lib="dom" />
import fs from 'node:fs';
import { chromium } from '@playwright/test';
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
    ['shelf', '/shelf', '.shelf-rows tbody tr'],
    ['bench list', '/bench', 'table.rows tbody tr'],
    ['a lot’s card', `/shelf/lots/${String(lots[0]?.id)}`, '.props'],
    ['blend list', '/blend', 'table.rows tbody tr'],
    ['blend desk, 12 lots', `/blend/${String(blends[0]?.blend_id)}`, '[data-value]'],
    ['Today', '/', 'main.today'],
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
    return figures;
  } finally {
    await browser.close();
  }
}
