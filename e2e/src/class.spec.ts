import type { ClassPage, ClassRow, GroupPage, TrainingPage } from '@bent-pail/contract';
import type { Browser, Page } from '@playwright/test';
import { expect, test, type Notebook } from './notebook';
import { Person } from './person';
import { Presses } from './presses';

/** A pupil's phone: its own browser, signed in nowhere. */
async function phoneOf(browser: Browser): Promise<Page> {
  const context = await browser.newContext({
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  return context.newPage();
}

const codeOn = async (wall: Page): Promise<string> =>
  (await wall.locator('[data-class-code]').first().getAttribute('data-class-code')) ?? '';

/** Chooses a lot and begins; the wall with its code is what one sees then. */
async function beginOn(me: Person, lot: string, pot?: string): Promise<void> {
  await me.go('/class');
  await me.page.getByRole('link', { name: 'Begin: Air and water with a jug' }).click();
  await me.page.getByLabel('Blind sample', { exact: true }).click();
  await me.page.keyboard.type(lot);
  await me.page
    .getByRole('option', { name: new RegExp(lot) })
    .first()
    .click();
  if (pot !== undefined) {
    await me.page.getByLabel('Pot that all use', { exact: true }).click();
    await me.page.keyboard.type(pot);
    await me.page
      .getByRole('option', { name: new RegExp(pot) })
      .first()
      .click();
  }
  await me.page.getByRole('button', { name: 'Begin the class' }).click();
  await me.page.locator('[data-class-code]').first().waitFor();
}

async function join(phone: Page, { url }: Notebook, code: string, group: number): Promise<void> {
  await phone.goto(`${url}/join/${code}`);
  await phone.getByRole('button', { name: new RegExp(`^Group ${String(group)}`) }).click();
  await phone.getByText(/^Guess first/).waitFor();
}

async function guessAll(phone: Page, values: readonly number[]): Promise<void> {
  for (const value of values) {
    const before = await phone.locator('h2').first().innerText();
    await phone.getByLabel(/^Your guess/).fill(String(value));
    await phone.getByRole('button', { name: 'Keep the guess' }).click();
    await expect(phone.locator('h2').first()).not.toHaveText(before);
  }
}

/** Fills the steps of one time as they come; waits are started and not waited for. */
async function measure(phone: Page, added: number, collected: number): Promise<void> {
  const step = async (name: string, act: () => Promise<void>): Promise<void> => {
    await expect(phone.locator('#step')).toHaveText(name);
    await act();
  };
  const type = (value: number) => async (): Promise<void> => {
    await phone.getByRole('textbox').fill(String(value));
    await phone.getByRole('button', { name: 'Keep it' }).click();
  };
  const start = (): Promise<void> => phone.getByRole('button', { name: /^Start/ }).click();
  await step('Water poured in', type(added));
  await step('Let it stand full', start);
  await step('Open the holes', start);
  await step('Water that ran out', type(collected));
}

test('a class is on the wall in under ten presses, and a group has guessed in under four', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const teacher = await Presses.count(me.page);
  await me.go('/class');
  await beginOn(me, 'BK-7');
  expect(await teacher.made).toBeLessThan(10);

  const phone = await phoneOf(browser);
  const pupil = await Presses.count(phone);
  await phone.goto(`${notebook.url}/join/${await codeOn(me.page)}`);
  await phone.getByRole('button', { name: /^Group 2/ }).click();
  await phone.getByLabel(/^Your guess/).fill('20');
  await phone.getByRole('button', { name: 'Keep the guess' }).click();
  await expect(phone.getByText(/^Guess first. Water held/)).toBeVisible();
  expect(await pupil.made).toBeLessThan(4);
  await expect(me.page.locator('[data-group="2"]')).toContainText('guesses');
});

test('groups guess and measure, the wall shows who differs and why, and all see what was revealed', async ({
  browser,
  notebook,
}) => {
  test.slow();
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  await beginOn(me, 'BK-7', 'V2');
  const code = await codeOn(me.page);
  const results = [
    [604, 186],
    [612, 181],
    [598, 190],
    [607, 184],
    [505, 120],
  ] as const;
  const phones: Page[] = [];
  for (const [i, [added, collected]] of results.entries()) {
    const phone = await phoneOf(browser);
    await join(phone, notebook, code, i + 1);
    await guessAll(phone, [18 + i, 40]);
    await measure(phone, added, collected);
    await measure(phone, added + 6, collected + 3);
    await expect(phone.getByRole('heading', { name: 'What you found' })).toBeVisible();
    phones.push(phone);
  }
  // The group that packed too hard lies apart, and its own readings say what to ask first.
  await expect(me.page.locator('[data-group="5"]')).toContainText(/z −\d/);
  await me.page.locator('[data-group="5"]').click();
  const strip = me.page.getByRole('complementary', { name: 'Group 5' });
  await expect(strip.locator('[data-fits="yes"]').first()).toContainText('pressed it down');
  await strip.getByRole('button', { name: /Air, group 5, time 1: .*Show working/ }).click();
  await expect(me.page.getByRole('complementary', { name: 'Working' })).toContainText('Water that ran out');
  await me.page.getByRole('complementary', { name: 'Working' }).getByRole('button', { name: 'Close' }).click();
  await strip.getByLabel('Leave it out, because').fill('packed with the fist');
  await strip.getByRole('button', { name: 'Leave it out' }).click();
  await expect(strip.getByText('Left out: packed with the fist')).toBeVisible();
  await expect(me.page.getByText(/^4 groups found/)).toBeVisible();

  const first = phones[0] as Page;
  await expect(first.getByText('the bench')).toHaveCount(0);
  await me.page.getByRole('button', { name: 'Reveal to all' }).click();
  // Without a reload: the phone hears of it.
  await expect(first.getByRole('heading', { name: 'What all found' })).toBeVisible();
  await expect(first.getByText('the bench').first()).toBeVisible();
  await expect(first.getByText(/Place \d of 5/).first()).toBeVisible();
  await expect(me.page.getByText('Guesses, the best first')).toBeVisible();

  // A group's results count once they are let in.
  await me.page.getByRole('link', { name: /^[A-Z][a-z]+day/ }).click();
  await me.page.getByRole('button', { name: /^Let group 2/ }).click();
  await me.page.getByRole('link', { name: 'a run of the lot' }).click();
  await expect(me.page.getByText('Group 2 of a class').first()).toBeVisible();
});

test('two phones of a group see each other, and what is typed without a network is kept', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await beginOn(me, 'CO-2', 'V3');
  const code = await codeOn(me.page);
  const [one, two] = [await phoneOf(browser), await phoneOf(browser)];
  await join(one, notebook, code, 1);
  await join(two, notebook, code, 1);
  await guessAll(one, [12, 60]);
  await expect(two.locator('#step')).toHaveText('Water poured in');
  await one.context().setOffline(true);
  await one.getByRole('textbox').fill('810');
  await one.getByRole('button', { name: 'Keep it' }).click();
  await expect(one.locator('#step')).toHaveText('Let it stand full');
  await expect(one.getByText('1 value waits to be sent, and is safe in this phone.')).toBeVisible();
  await one.context().setOffline(false);
  await expect(one.getByText('All is kept.')).toBeVisible();
  await expect(two.locator('#step')).toHaveText('Let it stand full');
  const page = await two.evaluate(async () => (await fetch('/api/group')).json() as Promise<GroupPage>);
  expect(page.readings.map(({ step, value }) => [step, value])).toEqual([['added', 810]]);
  // The teacher ends it: the phones say so, and keep in sight what stands there.
  await me.page.getByRole('link', { name: /^[A-Z][a-z]+day/ }).click();
  await me.page.getByRole('button', { name: 'End it now' }).click();
  await me.page.getByRole('button', { name: 'End it', exact: true }).click();
  await expect(me.page.getByText('This class is over: no phone comes in any more.')).toBeVisible();
  await expect(two.getByText(/^This class is over, or/)).toBeVisible();
});

test('a lead wipes a class, and only that there was one stays', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Isla Brandreth');
  await beginOn(me, 'PT-5', 'V1');
  const rows = await me.ask<readonly ClassRow[]>('/classes');
  const id = rows[0]?.id ?? '';
  await me.go(`/class/${id}`);
  await me.page.getByRole('button', { name: 'Wipe this class' }).click();
  await me.page.getByRole('button', { name: 'Wipe it' }).click();
  await expect(me.page.getByText(/class was wiped|classes were wiped/)).toBeVisible();
  expect((await me.tell<ClassPage>('GET', `/classes/${id}`)).status).toBe(404);
});

test('a hand is tried on a blind sample, and told what was measured', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Wyn Harker');
  // Codes are drawn by lot, and of one sample this hand knows the air already.
  const { samples } = await me.ask<TrainingPage>('/training');
  const code = samples.find(({ open }) => open.includes('air'))?.code ?? '';
  await me.go('/');
  await me.page.getByRole('link', { name: 'Train your hand' }).click();
  await me.page.getByRole('button', { name: code, exact: true }).click();
  await me.page.getByRole('radio', { name: 'Air' }).click();
  await me.page.getByLabel('Air, %').fill('25');
  await me.page.getByRole('button', { name: 'That is it' }).click();
  await expect(me.page.getByText(/you said 25 %, measured was \d+ %/)).toBeVisible();
  await expect(me.page.getByText(/^2 tries, /)).toBeVisible();
  await expect(me.page.getByText('behind the codes')).toHaveCount(0);
});
