import fs from 'node:fs';
import { expect, Notebook, test } from './notebook';
import { beginNotebook } from './ownNotebook';
import { Person } from './person';

test.use({ template: 'demo' });

interface File {
  readonly kinds: Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>>;
}

/** What ships with the product was kept here when it was opened here. */
const SHIPPED = ['protocols', 'rubrics'];

/** Rows of a notebook's file as texts, by kind. */
async function rowsOf(person: Person): Promise<Map<string, string[]>> {
  const { kinds } = await person.ask<File>('/notebook-file/notebook.json');
  return new Map(
    Object.entries(kinds).map(([kind, rows]) => [
      kind,
      rows.map((row) => JSON.stringify(SHIPPED.includes(kind) ? { ...row, kept_at: undefined } : row)),
    ]),
  );
}

/** Every figure of every card, once all cards have followed. */
async function figuresOf(notebook: Notebook): Promise<readonly object[]> {
  await expect
    .poll(async () => (await notebook.rows('select 1 from lot_cards where made <> wanted')).length, {
      timeout: 120_000,
    })
    .toBe(0);
  return notebook.rows(
    'select lot_id, place, property, method, mean, sd, se, n, words, run_ids from lot_figures order by lot_id, place',
  );
}

test('the whole demo comes out as a file, and into an empty notebook with every row, photo and figure', async ({
  browser,
  notebook,
}) => {
  test.setTimeout(240_000);
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  await me.go('/record/files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'The whole notebook, ZIP' }).click(),
  ]);
  const file = await download.path();
  expect(fs.statSync(file).size).toBeGreaterThan(100_000);

  const empty = await Notebook.open('empty');
  try {
    await beginNotebook(empty.url);
    const ann = new Person(await (await browser.newContext({ locale: 'en-GB' })).newPage(), empty);
    const theirs = ann.page;
    await theirs.goto(empty.url);
    await theirs.getByLabel('Name').fill('Ann');
    await theirs.getByLabel('Password').fill('a pail of grey water');
    await theirs.getByRole('button', { name: 'Sign in' }).click();
    await expect(theirs.getByRole('link', { name: 'Ann', exact: true })).toBeVisible();
    await ann.go('/record/files');
    await theirs.getByLabel('File of a notebook').setInputFiles(file);
    await expect(theirs.getByRole('columnheader', { name: 'refused' })).toBeVisible({ timeout: 60_000 });
    await theirs.getByRole('radio', { name: 'what the file says' }).click();
    await theirs.getByRole('button', { name: 'Take it in' }).click();
    await expect(theirs.getByText(/^It is in: /)).toBeVisible({ timeout: 60_000 });

    const [before, after] = [await rowsOf(me), await rowsOf(ann)];
    expect([...before.values()].reduce((sum, rows) => sum + rows.length, 0)).toBeGreaterThan(2000);
    for (const [kind, rows] of before) {
      const there = new Set(after.get(kind));
      expect(
        rows.filter((row) => !there.has(row)),
        kind,
      ).toEqual([]);
    }
    const [ours, figures] = [await figuresOf(notebook), await figuresOf(empty)];
    expect(ours.length).toBeGreaterThan(200);
    expect(figures).toEqual(ours);

    // The same once more: nothing in it is new.
    await theirs.getByLabel('File of a notebook').setInputFiles(file);
    await expect(theirs.getByText(/^Nothing in it is new: \d+ rows are the same as here/)).toBeVisible({
      timeout: 60_000,
    });
  } finally {
    await empty.close();
  }
});

test('anything is found from anywhere by keyboard alone, also mistyped, and a run begins from there', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  await me.go('/score');
  await expect(page.getByRole('heading', { name: 'Score', exact: true })).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('rise hulls');
  await expect(page.getByRole('option', { name: /^Rice hulls/ }).first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Rice hulls', level: 1 })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('option', { name: /^Rice hulls/ })).toBeVisible();
  await page.keyboard.type('start a run on pumice');
  await page
    .getByRole('option', { name: /^Start a run on Pumice/ })
    .first()
    .waitFor();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/bench\?lot=/);
});

test('a key reads what its person may, and nothing once it is ended', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const { page } = me;
  await me.go('/record/keys');
  await page.getByLabel('What it is for').fill('the shed');
  await page.getByRole('button', { name: 'Make a key' }).click();
  const key = (await page.getByText(/^bentpail_/).textContent()) ?? '';
  const ask = async (): Promise<number> =>
    (await fetch(`${notebook.url}/api/lots`, { headers: { authorization: `Bearer ${key}` } })).status;
  expect(await ask()).toBe(200);
  await page.getByRole('button', { name: 'end it' }).click();
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByText('ended')).toBeVisible();
  expect(await ask()).toBe(401);
});

test('a list is kept under a name, and what is ticked in it is laid on paper, labelled and taken away', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  await me.go('/shelf?find=bark&sort=price&group=none');
  await page.getByRole('button', { name: 'Kept lists' }).click();
  await page.getByLabel('Name of this list').fill('Barks by price');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem').filter({ hasText: 'Barks by price' })).toBeVisible();
  await page.keyboard.press('Escape');
  await me.go('/shelf');
  await page.getByRole('button', { name: 'Kept lists' }).click();
  await page.getByRole('link', { name: 'Barks by price' }).click();
  await expect(page.getByLabel('Find', { exact: true })).toHaveValue('bark');
  await page.getByRole('checkbox', { name: /^Take Bark, fine/ }).click();
  await page.getByRole('checkbox', { name: /^Take Bark nuggets/ }).click();
  await page.getByRole('button', { name: 'Take away' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'JSON' }).click(),
  ]);
  const { kinds } = JSON.parse(fs.readFileSync(await download.path(), 'utf8')) as File;
  expect(kinds.lots?.map(({ code }) => code)).toEqual(expect.arrayContaining(['BK-7', 'BN-2']));
  expect(kinds.blends).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Labels' }).click();
  await expect(page.getByText('BN-2', { exact: true })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('checkbox', { name: /^Take Bark, fine/ })).toBeVisible();
});

test('a blend is put away once nothing rests on it, is found all the same, and comes back', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  const putAway = async (): Promise<void> => {
    await page.getByRole('button', { name: 'Put it away' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Put it away' }).click();
  };
  await me.go('/blend');
  await page.getByRole('link', { name: 'Camellia tub' }).click();
  await page.getByRole('tab', { name: /^Versions/ }).click();
  await putAway();
  await expect(page.getByRole('dialog').getByText(/Camellia by the gate.* rests? on it/)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await me.go('/blend');
  await page.getByRole('link', { name: 'Alpine trough' }).click();
  await page.getByRole('tab', { name: /^Versions/ }).click();
  await putAway();
  await expect(page.getByText('Alpine trough is put away: listed and offered no more.')).toBeVisible();
  await me.go('/blend');
  await expect(page.getByRole('link', { name: 'Camellia tub' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Alpine trough' })).toBeHidden();
  await page.keyboard.press('/');
  await page.keyboard.type('alpine trough');
  // Its batch is called after it.
  await page
    .getByRole('option')
    .filter({ hasText: /^Alpine trough(?!, AT)/ })
    .click();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('button', { name: 'Bring it back' })).toBeHidden();
  await me.go('/record');
  await expect(page.getByRole('row', { name: /brought back Alpine trough/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /put away Alpine trough/ })).toBeVisible();
});

test('a year is closed: its runs stand, the history says so, and its backup can be fetched', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  await me.go('/record/files');
  await page.getByRole('button', { name: 'Close the year' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/^\d+ runs were finished/)).toBeVisible();
  await dialog.getByLabel('The year is called').fill('2026');
  await dialog.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByRole('rowheader', { name: /^2026/ })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('of a closed year; it stays').first()).toBeVisible();
  await page.getByRole('link', { name: /^\d+ runs$/ }).click();
  await page
    .getByRole('link', { name: /^Pumice/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Open it again' }).click();
  await page.getByLabel('Why it is opened again').fill('a tare was wrong');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^The year 2026 is closed/)).toBeVisible();
  await me.go('/record');
  await expect(page.getByRole('row', { name: /year closed 2026/ })).toBeVisible();
});

test('a chart is saved as a picture, in lines and in points', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  await me.go('/shelf');
  await page.getByRole('link', { name: 'Pumice 3–8 mm, PM-3' }).click();
  await page.getByRole('button', { name: /^Save as a picture: Air and water/ }).click();
  const saved = async (button: string): Promise<Buffer> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: button }).click(),
    ]);
    return fs.readFileSync(await file.path());
  };
  const png = await saved('as PNG');
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  // Two points to each of the page, for print.
  expect(png.readUInt32BE(16)).toBeGreaterThanOrEqual(1280);
  expect(png.length).toBeGreaterThan(5000);
  const svg = (await saved('Picture as SVG')).toString();
  expect(svg).toContain('Air and water');
  expect(svg).toContain('<path');
});
