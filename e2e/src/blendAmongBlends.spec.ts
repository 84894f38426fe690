import type { BlendRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';

test('takes a kept blend as a part of another, and three blends stand side by side with what differs', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.go('/blend/desk');
  await me.choose('Add a lot', 'Bark and pumice, version 1');
  await me.choose('Add a lot', 'Green compost, GC-1');
  await me.page.getByLabel('Parts of Green compost, typed').fill('1-2');
  await me.page.getByLabel('Parts of Green compost, typed').press('Enter');
  await me.page.getByRole('tab', { name: 'More or less of it' }).click();
  await expect(me.page.getByRole('region', { name: 'What is left open' })).toContainText('2 ways');
  await me.choose('Recipe shown in', '% by volume');
  await expect(me.page.getByText('33.3 %')).toBeVisible();
  await me.page.getByLabel('Name of the blend').fill('Fed bark');
  await me.page.getByRole('button', { name: 'Keep it' }).click();
  await me.page.waitForURL(/\/blend\/[0-9a-f-]{36}/);
  const kept = (await me.list<BlendRow>('/blends')).find((one) => one.name === 'Fed bark');
  expect(kept?.latest.names[0]).toBe('Bark and pumice, version 1');
  expect(kept?.latest.flat).toHaveLength(3);

  await me.go('/blend');
  for (const name of ['Camellia tub', 'Alpine trough', 'Fed bark']) await me.page.getByLabel(`Compare ${name}`).check();
  await me.page.getByRole('link', { name: 'Put these 3 side by side' }).click();
  const density = me.page.getByRole('row', { name: /^Dry bulk density/ });
  await expect(density.getByText('≠ A C')).toBeVisible();
});

test('keeps a use of its own, and ranks the blends for a plant that points to it', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  await me.go('/blend/uses');
  await me.page.getByRole('link', { name: /^Epiphyte/ }).click();
  await me.page.getByRole('button', { name: 'Make a copy to change' }).click();
  await me.page.getByLabel('Use', { exact: true }).fill('Orchids of ours');
  await me.page.getByLabel('Air space, ideal from').fill('0.9');
  await me.page.getByRole('button', { name: 'Keep it' }).click();
  await expect(me.page.getByText(/must not be above/)).toBeVisible();
  await me.page.getByLabel('Air space, ideal from').fill('0.35');
  await me.page.getByRole('button', { name: 'Keep it' }).click();
  await expect(me.page.getByRole('heading', { name: 'Orchids of ours' })).toBeVisible();

  await me.go('/blend/plants');
  await me.page.getByRole('link', { name: /^Orchid on bark/ }).click();
  await me.page.getByRole('button', { name: 'Change this plant' }).click();
  await me.choose('Its use', 'Orchids of ours');
  await me.page.getByRole('button', { name: 'Keep it' }).click();
  const suits = me.page.getByRole('region', { name: 'What suits it' });
  await expect(me.page.locator('main')).toContainText('Orchids of ours');
  await expect(suits.getByRole('row').nth(1)).toContainText(/Open tub|Bark and pumice/);
});
