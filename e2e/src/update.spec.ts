import path from 'node:path';
import { ROOT } from './cluster';
import { expect, test } from './notebook';
import { Person } from './person';

test.use({ serviceWorkers: 'allow' });

// The other build of the pages that there is beside the real one stands in for the version that comes.
const NEWER = { BENT_PAIL_WEB: path.join(ROOT, 'web/dist/pseudo') };

test('brought up to date under an open sheet: what was typed is kept, the page is told, and the next one is the new one', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runId = await me.openSheet();
  await me.read(5.1);
  await expect(me.kept()).toHaveCount(1);

  await notebook.kill();
  await me.read(5.2);
  await me.cell.fill('5.');
  await notebook.start(NEWER);

  // The one that waited is sent by the old page to the new server, and so the old page hears that it is old.
  await expect(me.kept()).toHaveCount(2);
  const told = me.page.getByText('The bench computer has a newer version of this page.');
  await expect(told).toBeVisible();
  await expect(me.cell).toHaveValue('5.');
  expect(
    await notebook.rows<{ value: number }>('select value from readings where run_id = $1 order by seq', [runId]),
  ).toEqual([{ value: 5.1 }, { value: 5.2 }]);

  // The next page is one of the new version, which comes by itself, once.
  const loads: string[] = [];
  me.page.on('domcontentloaded', () => loads.push(me.page.url()));
  await me.page.getByRole('navigation', { name: 'Order of the work' }).getByRole('link').nth(2).click();
  const title = me.page.getByRole('heading', { level: 1 });
  await expect(title).toBeVisible();
  await expect(title).not.toHaveText(/^[A-Za-z ]+$/);
  await expect(told).toHaveCount(0);
  expect(loads).toHaveLength(1);
});
