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
    await expect(theirs.getByRole('link', { name: 'Ann' })).toBeVisible();
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
