import { expect, test } from './notebook';
import { Person } from './person';

/** What turns the order of letters around until the end of its line, and what has no width. */
const OVERRIDE = '\u202e';
const NO_WIDTH = '\u200b';

test('a name shows what is kept of it, and turns nothing around beside it', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const typed = `Sharp${NO_WIDTH} ${OVERRIDE}grit`;
  const ids = { runId: crypto.randomUUID(), materialId: crypto.randomUUID(), lotId: crypto.randomUUID() };
  expect((await me.tell('POST', '/quick-start', { name: typed, protocol: 'ph-1to5', ...ids })).status).toBe(201);
  await me.go(`/shelf/lots/${ids.lotId}`);
  await expect(me.page.getByRole('heading', { level: 1 })).toHaveText(/^Sharp grit, /);

  // One that was kept before such marks were taken out, in a row of the shelf.
  await notebook.rows('update materials set name = $1 where id = $2', [`${OVERRIDE}abc 12`, ids.materialId]);
  await me.go('/shelf');
  const row = me.page.getByRole('row').filter({ hasText: 'abc 12' });
  const places = await row.evaluate((one) => {
    const words = document.createTreeWalker(one, NodeFilter.SHOW_TEXT);
    const found: { readonly text: string; readonly left: number; readonly top: number }[] = [];
    for (let node = words.nextNode(); node !== null; node = words.nextNode()) {
      const range = document.createRange();
      range.selectNodeContents(node);
      const { left, top } = range.getBoundingClientRect();
      if ((node.textContent ?? '').trim() !== '') found.push({ text: node.textContent ?? '', left, top });
    }
    return found;
  });
  expect(places.length).toBeGreaterThan(2);
  // Whatever stands in one line stands in the order in which it is written.
  for (const [i, { top, left, text }] of places.entries())
    for (const later of places.slice(i + 1).filter((one) => Math.abs(one.top - top) < 4))
      expect(later.left, `${later.text} after ${text}`).toBeGreaterThanOrEqual(left);
});
