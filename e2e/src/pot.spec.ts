import type { BlendRow, FilledPotRow } from '@bent-pail/contract';
import type { Locator } from '@playwright/test';
import { expect, test } from './notebook';
import { Person } from './person';

const SLOW = { timeout: 60_000 };

test('a pot is followed through its days, compared, and told how often to be watered', async ({
  browser,
  notebook,
}) => {
  test.slow();
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const { page } = me;
  const camellia = (await me.list<BlendRow>('/blends')).find((one) => one.name === 'Camellia tub') as BlendRow;
  await me.go('/pot');
  await expect(page.getByText('Which blend or lot is in your pot?')).toBeVisible();
  await me.go(`/pot?with=blend:${camellia.id}&days=3&pot=15-16-12`);

  // By the keyboard alone: the hand on the time line, and two pots beside each other.
  await expect(page.getByText(/^Watered every 2 days, mild days outdoors,/)).toBeVisible(SLOW);
  const hand = page.getByRole('slider', { name: 'The time that is looked at' });
  await hand.focus();
  await page.keyboard.press('Home');
  await expect(hand).toHaveAttribute('aria-valuetext', 'day 1, 00:00');
  const air = page.getByRole('row', { name: /^Air among its roots, now/ }).locator('td');
  await expect(air).toHaveText('0.00');
  await page.keyboard.press('ArrowRight');
  await expect(air).not.toHaveText('0.00');

  await page.getByRole('button', { name: 'Stones below, or none' }).press('Enter');
  const stones = page.getByText(/^Soaked, after ten minutes/);
  await expect(stones).toBeVisible(SLOW);
  const said = await stones.innerText();
  await page.reload();
  await expect(page.getByText(/^Soaked, after ten minutes/)).toHaveText(said, SLOW);

  await page.getByRole('button', { name: 'How often to water it' }).press('Enter');
  await expect(page.getByRole('row', { name: /^14 days/ })).toBeVisible({ timeout: 120_000 });
  await page.getByRole('button', { name: 'How sure is that' }).press('Enter');
  await expect(page.getByText(/^In 90 % of 60 such pots/)).toBeVisible({ timeout: 240_000 });

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Hour by hour as CSV' }).press('Enter'),
  ]);
  expect(file.suggestedFilename()).toBe('no stones.csv');
});

test('a filled pot tells by its weights when to water it, and takes a watering at one press on a phone', async ({
  browser,
  notebook,
}) => {
  test.slow();
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const { page } = me;
  await page.setViewportSize({ width: 390, height: 844 });
  await me.go('/pot/diary');
  await page.getByRole('link', { name: /Camellia by the gate/ }).click();
  await expect(page.getByText(/^Next watering|^Half of what it can give is gone since/)).toBeVisible(SLOW);
  await expect(page.getByRole('button', { name: /^Demand: .* Show working/ })).toBeVisible();
  await expect(page.getByText(/when it was first watered; now it stands at/)).toBeVisible();
  const lines = page.getByRole('region', { name: 'Diary' }).getByRole('row');
  const before = await lines.count();
  await page.getByRole('button', { name: 'Watered now, until it ran' }).click();
  await expect(lines).toHaveCount(before + 1);
  await expect(lines.first()).toContainText('until it ran');
});

test('by the code on a pot a phone writes a watering and a weight in three taps each, without a network too', async ({
  browser,
  notebook,
}) => {
  test.slow();
  const viewport = { width: 390, height: 844 };
  const me = await Person.enter(browser, notebook, 'Tam Oswin', { viewport, hasTouch: true });
  const { page } = me;
  const [pot] = (await me.list<FilledPotRow>('/pots')).filter(({ name }) => name.startsWith('Trial pot')) as [
    FilledPotRow,
  ];
  let taps = 0;
  const tap = async (target: Locator): Promise<void> => {
    taps += 1;
    await target.tap();
  };
  // The code leads here, which is the first of them.
  taps = 1;
  await me.go(`/pot/diary/${pot.id}`);
  const lines = page.getByRole('region', { name: 'Diary' }).getByRole('row');
  await expect(lines.first()).toBeVisible();
  const before = await lines.count();
  await tap(page.getByRole('button', { name: 'Watered now, until it ran' }));
  await expect(lines).toHaveCount(before + 1);
  expect(taps).toBeLessThanOrEqual(3);

  taps = 1;
  await page.context().setOffline(true);
  await tap(page.getByLabel(/^The whole pot weighs/));
  await page.keyboard.type('2710');
  await tap(page.getByRole('button', { name: 'Add the line' }));
  expect(taps).toBeLessThanOrEqual(3);
  await expect(lines.first()).toContainText('2 710 g');
  await expect(lines.first()).toContainText('waits for the server');
  // It outlives the page.
  await page.context().setOffline(false);
  await page.reload();
  await expect(lines.filter({ hasText: '2 710 g' })).toHaveCount(1, SLOW);
  await expect(lines.filter({ hasText: '2 710 g' })).toContainText('Tam Oswin', SLOW);
  await expect(lines).toHaveCount(before + 2);

  // What the diary asks for follows into Today.
  await me.go('/');
  await expect(page.getByRole('link', { name: /^Water it: The forgotten one/ })).toBeVisible(SLOW);
});
