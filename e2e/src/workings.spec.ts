import type { BlendRow, LotRow, ScorecardRow } from '@bent-pail/contract';
import { expect, look } from './notebook';
import { Person } from './person';

/** A number that was pressed: what it shows, and what its working says that it was worked out from. */
interface Pressed {
  readonly value: number;
  readonly calc: string;
  readonly pick: string;
  readonly input: unknown;
}

/** Presses every number on the page, those that are folded away too. */
function pressAll(me: Person): Promise<Pressed[]> {
  return me.page.evaluate(async () => {
    for (const fold of document.querySelectorAll<HTMLDetailsElement>('main details')) fold.open = true;
    const drawn = (): Promise<void> =>
      new Promise((resolve) => {
        requestAnimationFrame(() => setTimeout(resolve));
      });
    const pressed: Pressed[] = [];
    for (const number of document.querySelectorAll<HTMLElement>('main [data-working]')) {
      number.click();
      let said: HTMLElement | null = null;
      // On a busy machine the drawer takes more than a frame.
      for (let frames = 0; said === null && frames < 60; frames += 1) {
        await drawn();
        said = document.querySelector<HTMLElement>('pre[data-calc]');
      }
      if (said === null) throw new Error(`no working opened for ${number.ariaLabel ?? 'a number'}`);
      const { calc = '', pick = '' } = said.dataset;
      pressed.push({ value: Number(number.dataset.value), calc, pick, input: JSON.parse(said.textContent) });
      document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
      for (let frames = 0; document.querySelector('pre[data-calc]') !== null && frames < 60; frames += 1) await drawn();
    }
    return pressed;
  });
}

const picked = (body: unknown, pick: string): unknown =>
  pick
    .split(/[.[\]]/)
    .filter((part) => part !== '')
    .reduce((at, key) => (at as Record<string, unknown>)[key], body);

/** Waits until no number on the page changes any more: what was learnt and bands come a moment later. */
async function untilStill(me: Person): Promise<void> {
  const shown = (): Promise<string> =>
    me.page
      .locator('main [data-working]')
      .evaluateAll((numbers) => numbers.map((number) => (number as HTMLElement).dataset.value ?? '').join(' '));
  await expect
    .poll(async () => {
      const before = await shown();
      await me.page.waitForTimeout(1200);
      return before === (await shown());
    })
    .toBe(true);
}

/** Presses every number on the page, feeds its input to calc, and compares. */
async function checkWorkings(me: Person, least: number): Promise<void> {
  await expect.poll(() => me.page.locator('main [data-working]').count()).toBeGreaterThanOrEqual(least);
  // The drawer comes with the first number that is pressed; the others find it there.
  await me.page.locator('main [data-working]:visible').first().click();
  await me.page.getByRole('complementary', { name: 'Working' }).locator('pre').waitFor({ state: 'attached' });
  await me.page.keyboard.press('Escape');
  await untilStill(me);
  for (const { value, calc, pick, input } of await pressAll(me)) {
    const answer = await me.tell<unknown>('POST', `/calc/${calc}`, input);
    expect(answer.status).toBe(200);
    expect(picked(answer.body, pick), `${calc} ${pick}`).toBeCloseTo(value, 9);
  }
}

look('every number of card, blend and score can be worked out again by calc', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const lots = await me.list<LotRow>('/lots');
  for (const code of ['PM-3', 'TW-1', 'LF-1']) {
    const lot = lots.find((one) => one.code === code) as LotRow;
    await me.go(`/shelf/lots/${lot.id}`);
    await checkWorkings(me, code === 'LF-1' ? 2 : 10);
  }
  const bag = lots.find((one) => one.code === 'PM-4') as LotRow;
  await me.go(`/shelf/lots/${bag.id}/intake`);
  await checkWorkings(me, 5);
  const blend = (await me.list<BlendRow>('/blends'))[0] as BlendRow;
  await me.go(`/blend/${blend.id}`);
  await checkWorkings(me, 10);
  const card = (await me.list<ScorecardRow>('/scorecards')).find((one) => one.revealed) as ScorecardRow;
  await me.go(`/score/cards/${card.id}`);
  await checkWorkings(me, 8);
});

look('the drawer leads down to the readings: W opens, sources go deeper, Esc closes', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  const lots = await me.list<LotRow>('/lots');
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
