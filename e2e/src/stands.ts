import { expect, type Page } from '@playwright/test';

/** A page that has no heading by then has none. */
const PATIENCE_MS = 60_000;

/** Until a page is there with all its parts: what is still on its way says so, in whatever language. */
export async function stands(page: Page): Promise<void> {
  const heading = page.locator('main h1').or(page.getByRole('heading', { level: 1 }));
  await heading.first().waitFor({ timeout: PATIENCE_MS });
  await expect(page.locator('[data-moment]')).toHaveCount(0);
}
