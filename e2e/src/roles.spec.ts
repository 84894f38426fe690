import { expect, look, test } from './notebook';
import { Person, PH } from './person';

const STATIONS: Readonly<Record<string, readonly string[]>> = {
  'Isla Brandreth': ['Shelf', 'Bench', 'Blend', 'Pot', 'Score', 'Grow', 'Class', 'Record'],
  'Tam Oswin': ['Shelf', 'Bench', 'Blend', 'Pot', 'Score', 'Grow', 'Class', 'Record'],
  'Wyn Harker': [],
  Visitor: ['Shelf', 'Bench', 'Blend', 'Pot', 'Score', 'Grow', 'Class', 'Record'],
};

for (const [name, words] of Object.entries(STATIONS)) {
  look(`${name} sees the stations of the role, with the numbers that never change`, async ({ browser, notebook }) => {
    const me = await Person.enter(browser, notebook, name);
    await me.go('/');
    await expect(me.page.locator('[data-station]')).toHaveText([...words]);
    const numbers = await me.page.locator('[data-number]').allInnerTexts();
    expect(numbers).toEqual(
      words.map(
        (word) =>
          ({ Shelf: '1', Bench: '2', Blend: '3', Pot: '4', Score: '5', Grow: '6', Class: '7', Record: '8' })[word],
      ),
    );
  });
}

look('a reader looks and finds nothing to press that would write', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Visitor');
  for (const address of ['/shelf', '/bench', '/blend', '/score', '/class']) {
    await me.go(address);
    await expect(me.page.locator('[data-look="act"]')).toHaveCount(0);
  }
});

test('single keys go from station to station, ? shows them all, and they can be turned off', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.go('/');
  await me.page.keyboard.press('3');
  await expect(me.page.getByRole('heading', { name: 'Blend', exact: true })).toBeVisible();
  await me.page.keyboard.press('?');
  await expect(me.page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await me.page.keyboard.press('Escape');
  await me.page.keyboard.press('/');
  await expect(me.page.getByRole('dialog', { name: 'Find anything' })).toBeVisible();
  await me.page.keyboard.press('Escape');
  await me.page.keyboard.press('1');
  await expect(me.page.getByRole('heading', { name: 'Shelf', exact: true })).toBeVisible();
  await me.page.getByRole('searchbox').fill('trough grit');
  await expect(me.page.getByRole('table', { name: 'Lots' }).getByRole('link')).toHaveCount(2);
  await me.go('/you');
  await me.page.getByLabel(/Single keys work/).uncheck();
  await expect(me.page.getByLabel(/Single keys work/)).not.toBeChecked();
  await me.page.getByRole('heading', { name: 'Tam Oswin' }).click();
  await me.page.keyboard.press('1');
  await expect(me.page.getByRole('heading', { name: 'Tam Oswin' })).toBeVisible();
});

test('signing out warns while readings wait, and they are sent when one signs in again', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.go('/bench?start');
  await me.choose('Protocol', PH);
  await me.page.getByRole('button', { name: 'Open the sheet' }).click();
  await me.cell.waitFor();
  const sheet = me.page.url();
  await me.page.route('**/readings', (route) => route.abort());
  await me.read(5.1);
  await expect(me.waiting()).toHaveCount(1);
  await me.page.getByRole('link', { name: 'Tam Oswin' }).click();
  await me.page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(me.page.getByText('1 reading waits in this browser')).toBeVisible();
  await me.page.getByRole('button', { name: 'Sign out all the same' }).click();
  await expect(me.page.getByRole('heading', { name: 'The Tollgarth notebook' })).toBeVisible();
  await me.page.unroute('**/readings');
  await me.signIn('Tam Oswin');
  await me.page.goto(sheet);
  await expect(me.kept()).toHaveCount(1);
});
