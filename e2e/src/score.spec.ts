import type { LotRow, RaterSheet, ScorecardPage, ScorecardRow, UserRow } from '@bent-pail/contract';
import { randomUUID } from 'node:crypto';
import { expect, test } from './notebook';
import { Person } from './person';

test('a sitting of one product, two raters, blind until both are in, then a score with its parts', async ({
  browser,
  notebook,
}) => {
  const lead = await Person.enter(browser, notebook, 'Isla Brandreth');
  await lead.go('/score?start');
  await lead.choose(lead.page.getByRole('combobox', { name: 'Product', exact: true }), 'Kettlerigg Bark Blend, KB-1');
  await lead.page.getByLabel('Called').fill('One more bark');
  await lead.page.getByRole('button', { name: 'Open the sitting' }).click();
  await expect(lead.page.getByText('Blind: 0 of 2 sheets are in.')).toBeVisible();
  const sitting = lead.page.url();
  await lead.page.getByRole('link', { name: 'Kettlerigg Bark Blend, KB-1' }).click();
  await expect(lead.page.getByText(/^Sample \w\d\. Blind: 0 of 2 raters have handed in\./)).toBeVisible();
  await expect(lead.page.getByText('Not in yet: smell, look, feel')).toBeVisible();
  const address = lead.page.url();
  const id = address.split('/').at(-1) as string;
  await lead.page.goto(sitting);

  for (const [name, scores] of [
    ['Wyn Harker', [7, 6.5, 8]],
    ['Petra Lund', [6, 7.5, 7]],
  ] as const) {
    const rater = await Person.enter(browser, notebook, name, { viewport: { width: 390, height: 844 } });
    await rater.go('/score');
    await rater.page.getByRole('link', { name: /One more bark/ }).click();
    for (const [i, score] of scores.entries()) {
      await expect(
        rater.page.getByRole('heading', { name: ['Smell', 'Look', 'Feel'][i] as string, exact: true }),
      ).toBeVisible();
      const scale = rater.page.getByRole('slider');
      await scale.focus();
      await scale.press('Home');
      for (let step = 0; step < score * 2; step += 1) await scale.press('ArrowUp');
      if (i === 1) await rater.page.getByLabel('big wood').check();
      await rater.page.getByRole('button', { name: i === 2 ? 'Hand the sheet in' : /^Keep, next/ }).click();
    }
    await expect(rater.page.getByText(/Handed in|All are in/)).toBeVisible();
    // Nobody reads another's marks: not by the card, not by the other's sheet.
    expect((await rater.tell('GET', `/scorecards/${id}`).catch(() => ({ status: 0 }))).status).not.toBe(200);
    const own = await rater.ask<RaterSheet>(`/sheets/${id}`);
    const marks = new Map(own.ratings.map((one) => [one.criterion, one.value]));
    expect(['smell', 'look', 'feel'].map((criterion) => marks.get(criterion))).toEqual(scores);
    if (name === 'Wyn Harker') {
      // Heard of without a reload.
      await expect(lead.page.getByText('Blind: 1 of 2 sheets are in.')).toBeVisible();
      const blind = await lead.ask<ScorecardPage>(`/scorecards/${id}`);
      expect(JSON.stringify(blind)).not.toContain('"raters":[{"criterion"');
      expect(blind.card.result.missing).toEqual(['smell', 'look', 'feel']);
    }
  }
  await lead.page.goto(address);
  await expect(lead.page.getByText('All raters have handed in; their marks are open.')).toBeVisible();
  await expect(lead.page.getByRole('button', { name: /^Smell, score: 6\.5/ })).toBeVisible();
  await expect(lead.page.getByRole('row', { name: /Wyn Harker/ })).toContainText('big wood');
  const card = (await lead.list<ScorecardRow>('/scorecards')).find((one) => one.id === id);
  expect(card?.missing).toEqual([]);
});

test('a mark that nobody could take is there after a reload without the bench computer', async ({
  browser,
  notebook,
}) => {
  const lead = await Person.enter(browser, notebook, 'Isla Brandreth');
  const wyn = (await lead.ask<UserRow[]>('/users')).find(({ name }) => name === 'Wyn Harker') as UserRow;
  const lot = (await lead.list<LotRow>('/lots')).find(({ kind }) => kind === 'product') as LotRow;
  const card = randomUUID();
  await lead.tell('POST', '/sittings', {
    id: randomUUID(),
    label: 'On the train',
    rubric: 'pots-all-round',
    samples: [{ id: card, lotId: lot.id }],
    raterIds: [wyn.id],
  });
  const rater = await Person.enter(browser, notebook, 'Wyn Harker', {
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'allow',
  });
  await rater.go('/score');
  await rater.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await rater.page.reload();
  await rater.go(`/score/sheets/${card}`);
  await expect(rater.page.getByRole('heading', { name: 'Smell', exact: true })).toBeVisible();
  await rater.page.context().setOffline(true);
  await rater.page.getByRole('button', { name: /half a point more/ }).click();
  await rater.page.getByLabel('In your words').fill('woodland after rain');
  await rater.page.getByRole('button', { name: /^Keep, next/ }).click();
  await expect(rater.page.getByText(/does not answer\. What you typed is kept here/)).toBeVisible();
  await rater.page.reload();
  await expect(rater.page.getByLabel('In your words')).toHaveValue('woodland after rain');
  await expect(rater.page.getByRole('slider')).toHaveAttribute('aria-valuenow', '5.5');
  await rater.page.context().setOffline(false);
  await rater.page.getByRole('button', { name: /^Keep, next/ }).click();
  await expect(rater.page.getByRole('heading', { name: 'Look', exact: true })).toBeVisible();
  const { ratings } = await rater.ask<RaterSheet>(`/sheets/${card}`);
  expect(ratings).toEqual([{ criterion: 'smell', value: 5.5, tags: [], words: 'woodland after rain' }]);
});
