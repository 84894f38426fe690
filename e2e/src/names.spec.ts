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

  // One that was kept before such marks were taken out, beside a figure in the same line of a page.
  const [name, figure] = await me.page.evaluate((old) => {
    const line = document.createElement('p');
    for (const words of [old, ' ', '12 L'])
      line.append(Object.assign(document.createElement('span'), { textContent: words }));
    document.querySelector('main')?.append(line);
    return [line.firstElementChild, line.lastElementChild].map((one) => one?.getBoundingClientRect().left ?? 0);
  }, `${OVERRIDE}abc`);
  expect(figure).toBeGreaterThan(name ?? 0);
});
