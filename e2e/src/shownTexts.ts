import type { Page } from '@playwright/test';

/** Every text that a page shows or says: of elements in sight, and what they are called for whoever listens. */
const shownTexts = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found = new Set<string>([document.title]);
    const isShown = (element: Element | null): boolean => element?.checkVisibility() ?? false;
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
      const { parentElement } = node;
      // Code is the same in every language, and says so.
      if (parentElement?.closest('script, style, [translate="no"]') === null && isShown(parentElement))
        found.add(node.textContent ?? '');
    }
    for (const element of document.querySelectorAll('[aria-label], [title], [placeholder], [alt], [aria-description]'))
      if (isShown(element))
        for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-description'])
          found.add(element.getAttribute(name) ?? '');
    return [...found].map((text) => text.replace(/\s+/g, ' ').trim()).filter((text) => text !== '');
  });

const LOOKS = 12;
const PAUSE_MS = 250;

/** The same once the page has come to rest: two looks that agree. */
export async function settledTexts(page: Page): Promise<readonly string[]> {
  let before = await shownTexts(page);
  for (let i = 0; i < LOOKS; i += 1) {
    await page.waitForTimeout(PAUSE_MS);
    const now = await shownTexts(page);
    if (now.join('\n') === before.join('\n')) return now;
    before = now;
  }
  return before;
}
