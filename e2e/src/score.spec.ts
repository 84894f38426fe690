import type { RaterSheet, ScorecardPage, ScorecardRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';

test('a product, two raters, blind until both are in, then a score with its parts', async ({ browser, notebook }) => {
  const lead = await Person.enter(browser, notebook, 'Isla Brandreth');
  await lead.go('/score?start');
  await lead.choose(lead.page.getByRole('combobox', { name: 'Product', exact: true }), 'Kettlerigg Bark Blend, KB-1');
  await lead.page.getByLabel('Blind code').fill('Z9');
  await lead.page.getByRole('button', { name: 'Open the card' }).click();
  await expect(lead.page.getByText('Sample Z9. Blind: 0 of 2 raters have handed in.')).toBeVisible();
  await expect(lead.page.getByText('Not in yet: smell, look, feel')).toBeVisible();
  const address = lead.page.url();
  const id = address.split('/').at(-1) as string;

  for (const [name, scores] of [
    ['Wyn Harker', [7, 6.5, 8]],
    ['Petra Lund', [6, 7.5, 7]],
  ] as const) {
    const rater = await Person.enter(browser, notebook, name, { viewport: { width: 390, height: 844 } });
    await rater.go('/score');
    await rater.page.getByRole('link', { name: /Z9/ }).click();
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
      await lead.page.reload();
      await expect(lead.page.getByText('Blind: 1 of 2 raters have handed in.')).toBeVisible();
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
