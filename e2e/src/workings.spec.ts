import type { BlendRow, LotRow, ScorecardRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';

/** Presses every number on the page, feeds its input to calc, and compares. */
/** What is folded away shows numbers too. */
async function unfold(me: Person): Promise<void> {
  await me.page.evaluate(() => {
    for (const fold of document.querySelectorAll<HTMLDetailsElement>('main details')) fold.open = true;
  });
}

async function checkWorkings(me: Person, least: number): Promise<void> {
  const numbers = me.page.locator('main [data-working]');
  await expect.poll(() => numbers.count()).toBeGreaterThanOrEqual(least);
  await unfold(me);
  const count = await numbers.count();
  for (let i = 0; i < count; i += 1) {
    const number = numbers.nth(i);
    const value = Number(await number.getAttribute('data-value'));
    await number.click();
    const input = me.page.locator('.drawer pre');
    const [calc, pick, text] = await Promise.all([
      input.getAttribute('data-calc'),
      input.getAttribute('data-pick'),
      input.textContent(),
    ]);
    const answer = await me.tell<unknown>('POST', `/calc/${String(calc)}`, JSON.parse(text ?? ''));
    expect(answer.status).toBe(200);
    const got = (pick ?? '')
      .split(/[.[\]]/)
      .filter((part) => part !== '')
      .reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], answer.body);
    expect(got, `${String(calc)} ${String(pick)}`).toBeCloseTo(value, 9);
    await me.page.keyboard.press('Escape');
  }
}

test('every number of card, blend and score can be worked out again by calc', async ({ browser, notebook }) => {
  // Every number of five pages is pressed.
  test.slow();
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const lots = await me.ask<LotRow[]>('/lots');
  for (const code of ['PM-3', 'TW-1', 'LF-1']) {
    const lot = lots.find((one) => one.code === code) as LotRow;
    await me.go(`/shelf/lots/${lot.id}`);
    await checkWorkings(me, code === 'LF-1' ? 2 : 10);
  }
  const bag = lots.find((one) => one.code === 'PM-4') as LotRow;
  await me.go(`/shelf/lots/${bag.id}/intake`);
  await checkWorkings(me, 5);
  const blend = (await me.ask<BlendRow[]>('/blends'))[0] as BlendRow;
  await me.go(`/blend/${blend.id}`);
  await checkWorkings(me, 10);
  const card = (await me.ask<ScorecardRow[]>('/scorecards')).find((one) => one.revealed) as ScorecardRow;
  await me.go(`/score/cards/${card.id}`);
  await checkWorkings(me, 8);
});

test('the drawer leads down to the readings: W opens, sources go deeper, Esc closes', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const lots = await me.ask<LotRow[]>('/lots');
  await me.go(`/shelf/lots/${(lots.find((one) => one.code === 'BK-7') as LotRow).id}`);
  await me.page
    .getByRole('button', { name: /^Container capacity: / })
    .first()
    .focus();
  await me.page.keyboard.press('w');
  const drawer = me.page.getByRole('complementary', { name: 'Working' });
  await expect(drawer).toContainText('Mean of the replicates that count');
  await drawer.getByRole('button', { name: /^A: / }).click();
  await expect(drawer).toContainText('Water still held after draining');
  await expect(drawer).toContainText('settled depth');
  await me.page.keyboard.press('Escape');
  await expect(drawer).toBeHidden();
});
