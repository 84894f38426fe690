import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { ROOT } from './cluster';
import { expect, test } from './notebook';
import { Person } from './person';

test.use({ serviceWorkers: 'allow' });

const WEB = path.join(ROOT, 'web/dist');

/** The pages as a version that comes has them: no script is called as it was, and the page says which it is. */
function newerPages(): string {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-newer-'));
  fs.cpSync(WEB, folder, { recursive: true, filter: (from) => !from.startsWith(path.join(WEB, 'pseudo')) });
  fs.renameSync(path.join(folder, 'assets'), path.join(folder, 'newer'));
  for (const name of fs.readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!/\.(html|js|css)$/.test(name)) continue;
    const file = path.join(folder, name);
    const text = fs.readFileSync(file, 'utf8').replaceAll('assets/', 'newer/');
    fs.writeFileSync(file, text.replace('<html ', '<html data-version="newer" '));
  }
  return folder;
}

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
  const newer = newerPages();
  await notebook.start({ BENT_PAIL_WEB: newer });

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
  await expect(me.page.locator('html[data-version="newer"]')).toHaveCount(1);
  await expect(told).toHaveCount(0);
  expect(loads).toHaveLength(1);
  fs.rmSync(newer, { recursive: true });
});
