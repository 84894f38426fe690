import { expect, type Page } from '@playwright/test';

/** Until a page is there with all its parts: what is still on its way says so, in whatever language. */
export async function stands(page: Page): Promise<void> {
  await page.locator('main h1').first().waitFor();
  await expect(page.locator('[data-moment]')).toHaveCount(0);
}
