import { expect, test } from './notebook';
import { Person } from './person';

test('two packs are compared in a shop without an account, then stand on the price board and in nobody’s blind sheet', async ({
  browser,
  notebook,
}) => {
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(`${notebook.url}/`);
  await phone.getByRole('link', { name: 'Compare packs without signing in' }).click();
  const write = async (place: number, name: string, price: string, pack: string): Promise<void> => {
    await phone.getByLabel(`Pack ${String(place)}, its name`).fill(name);
    await phone
      .getByLabel('Price of one')
      .nth(place - 1)
      .fill(price);
    await phone
      .getByLabel('On the label, L')
      .nth(place - 1)
      .fill(pack);
  };
  await write(1, 'Hopwell Shop Bag', '10', '40');
  await write(2, 'Scarp Shop Bag', '6', '40');
  await expect(phone.getByRole('status')).toHaveText(/^Take Scarp Shop Bag: 40 % cheaper/);
  // What was typed is still there after a reload, and nobody is signed in.
  await phone.reload();
  await expect(phone.getByLabel('Pack 2, its name')).toHaveValue('Scarp Shop Bag');
  await expect(phone.getByRole('button', { name: 'Put them on the shelf' })).toHaveCount(0);

  await phone.goto(`${notebook.url}/`);
  await phone.getByRole('button', { name: /Tam Oswin/ }).click();
  await expect(phone.getByRole('navigation')).toBeVisible();
  await phone.goto(`${notebook.url}/shop`);
  await phone.getByRole('button', { name: 'Put them on the shelf' }).click();
  await expect(phone.getByText('They are on the shelf.')).toBeVisible();
  await phone.close();

  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.go('/score/prices');
  await expect(me.page.getByRole('link', { name: /^Scarp Shop Bag/ })).toBeVisible();
  await me.choose('Wanted for', 'a volume');
  const line = me.page.getByRole('row', { name: /Scarp Shop Bag/ });
  await expect(line).toContainText('£18.00');

  // A price says what is behind a code: a panellist gets none, from no address.
  const rater = await Person.enter(browser, notebook, 'Petra Lund');
  await rater.go('/score');
  for (const address of ['/prices', '/rubrics', '/rubrics/pots-all-round/ranking', '/panel', '/scorecards'])
    expect(await rater.page.evaluate(async (path) => (await fetch(`/api${path}`)).status, address)).toBe(403);
});

test('the desk works in a cellar: once it was opened, also without a network', async ({ browser, notebook }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });
  const phone = await context.newPage();
  await phone.goto(`${notebook.url}/shop`);
  await phone.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // What was loaded before the worker stood ready is kept by it now.
  await phone.reload();
  await expect(phone.getByLabel('Pack 1, its name')).toBeVisible();
  await context.setOffline(true);
  await phone.reload();
  await phone.getByLabel('Pack 1, its name').fill('Cellar Bag');
  await phone.getByLabel('Price of one').first().fill('10');
  await phone.getByLabel('On the label, L').first().fill('40');
  await expect(phone.getByRole('status')).toHaveText(/^Cellar Bag is 40 L by its label/);
  await phone.reload();
  await expect(phone.getByLabel('Pack 1, its name')).toHaveValue('Cellar Bag');
  await context.close();
});
