import { expect, test } from './notebook';
import { Person } from './person';

test('a simulated scale fills the lit cell when it stands still, and fills none when something is wrong with it', async ({
  browser,
  notebook,
}) => {
  const tam = await Person.enter(browser, notebook, 'Tam Oswin');
  await tam.go('/bench/devices');
  const card = tam.page.getByRole('region', { name: 'Scale' });
  await tam.choose(card.getByLabel(/^It is/), /simulated/i);
  await card.getByLabel('Try a line').fill('ST,+305.2 g');
  await expect(card.getByText('305.2 g, stable.')).toBeVisible();

  await tam.go('/bench?start');
  await tam.choose('Protocol', 'Friability');
  await tam.page.getByRole('button', { name: 'Open the sheet' }).click();
  const scale = tam.page.getByRole('group', { name: 'Scale' });
  await scale.getByLabel(/^On it/).fill('100');
  await scale.getByRole('button', { name: 'Put it on' }).click();
  await expect(tam.kept()).toHaveCount(1);
  await expect(tam.page.getByRole('button', { name: /Sieved clean, before, A: (99|100)\./ })).toBeVisible();

  // The same load still lies there: it must not fill the next cell as well.
  await expect(scale.getByText(/stands still/)).toBeVisible();
  await expect(tam.page.locator('[data-lit]')).toHaveAttribute('data-lit', '1:sample');
  await tam.choose(scale.getByLabel('The device is'), /overload/i);
  await scale.getByRole('button', { name: 'Put it on' }).click();
  await expect(scale.getByText('overload', { exact: true })).toBeVisible();
  await expect(tam.kept()).toHaveCount(1);

  // Typing always works too.
  await tam.read(101.5);
  await expect(tam.kept()).toHaveCount(2);

  await tam.go('/bench/devices');
  await card.getByLabel(/^Line pattern/).fill('^W=(?<value>\\d+)$');
  await card.getByLabel('It marks a stable reading itself').uncheck();
  await tam.page.goBack();
  await expect(scale.getByText('lines that its pattern does not know')).toBeVisible();
  await tam.choose(scale.getByLabel('The device is'), 'as it should be');
  await scale.getByRole('button', { name: 'Put it on' }).click();
  await expect(scale.getByText('lines that its pattern does not know')).toBeVisible();
  await expect(tam.kept()).toHaveCount(2);
});

test('a lead’s copy of a protocol is offered first, and its sheet runs by its own time', async ({
  browser,
  notebook,
}) => {
  const isla = await Person.enter(browser, notebook, 'Isla Brandreth');
  await isla.go('/bench/protocols/saturate-drain-dry');
  await isla.page.getByRole('button', { name: 'Make our own copy' }).click();
  await isla.page.getByLabel('Name').fill('Quick drain');
  await isla.page.getByLabel('Drain, min').fill('an hour');
  await isla.page.getByRole('button', { name: 'Keep the copy' }).click();
  await expect(isla.page.getByText(/“an hour” is not a number/)).toBeVisible();
  await isla.page.getByLabel('Drain, min').fill('45');
  await isla.page.getByRole('button', { name: 'Keep the copy' }).click();
  await expect(isla.page.getByText(/Version 1, by Isla Brandreth, from saturate-drain-dry/)).toBeVisible();
  await expect(isla.page.getByText('waits 45 min')).toBeVisible();
  await isla.page.getByRole('link', { name: 'Start a run' }).click();
  await isla.page.getByRole('button', { name: 'Open the sheet' }).click();
  await expect(isla.page.getByRole('heading', { name: 'Quick drain' })).toBeVisible();
});
