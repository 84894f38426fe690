import type { Locator } from '@playwright/test';
import type { RunRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';
import { Presses } from './presses';

test.describe('from an empty notebook', () => {
  test.use({ template: 'empty' });

  test('a first run of three replicates is finished by keyboard alone, under 60 presses beyond what is typed', async ({
    browser,
    notebook,
  }) => {
    const page = await browser.newPage();
    const presses = await Presses.count(page);
    const me = new Person(page, notebook);
    await page.goto(notebook.url);
    await page.getByLabel('Where is this bench?').waitFor();
    // The door has the cursor in its first field; so has every page that asks one thing.
    await presses.type('Hollins', 'Tab');
    await presses.type('Ada', 'Tab');
    await presses.type('weigh before you say', 'Enter');
    await expect(page.getByLabel('What is in the pail?')).toBeFocused();
    await presses.type('Coarse pumice', 'Enter');
    for (const [i, full] of [1350, 1347.5, 1352.1].entries()) {
      await page.getByRole('form', { name: `Measure Vessel ${String(i + 1)}` }).waitFor();
      if (i === 0) await presses.type(12, 'Tab');
      await expect(page.getByLabel('Empty, g')).toBeFocused();
      await presses.type(300, 'Tab');
      await presses.type(full, 'Enter');
    }
    await expect(me.cell).toBeFocused();
    await presses.type('17.4', 'Enter');
    for (const tare of [312.4, 311.9, 313]) await presses.type(tare, 'Enter');
    const pass = async (times: number): Promise<void> => {
      for (let i = 0; i < times; i += 1) await page.keyboard.press('Enter');
    };
    // What may stay empty is passed by; the soaks begin.
    await pass(6);
    await expect(me.kept()).toHaveCount(7);
    notebook.forward(24 * 60);
    for (const saturated of [1541.6, 1539.2, 1545.1]) await presses.type(saturated, 'Enter');
    await pass(6);
    await expect(me.kept()).toHaveCount(13);
    notebook.forward(61);
    for (const drained of [1157.5, 1153.1, 1161.4]) await presses.type(drained, 'Enter');
    await pass(6);
    for (const dry of [20, 20, 20, 530.2, 527.4, 533]) await presses.type(dry, 'Enter');
    for (const name of ['A', 'B', 'C']) {
      await expect(page.locator('[data-who]')).toHaveText(`Second weighing, 2 h later, ${name}`);
      await page.keyboard.press('Enter');
    }
    await expect(page.getByRole('button', { name: 'Finish the run' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByText(/Of a drained vessel \d+ % is water and \d+ % is air/)).toBeVisible();
    expect(await presses.made).toBeLessThan(60);
  });

  test('a teacher without an oven hands out six sheets, under 25 presses', async ({ browser, notebook }) => {
    const page = await browser.newPage();
    const presses = await Presses.count(page);
    const me = new Person(page, notebook);
    await page.goto(notebook.url);
    await page.getByLabel('Where is this bench?').waitFor();
    await presses.type('School', 'Tab');
    await presses.type('Wren', 'Tab');
    await presses.type('a pail of grey water', 'Enter');
    await page.getByLabel('What is in the pail?').waitFor();
    await page.getByRole('link', { name: /^Bench/ }).click();
    // Today has a button of that name too.
    await page.getByRole('heading', { name: 'Bench' }).waitFor();
    await page.getByRole('button', { name: 'Start a run' }).click();
    await page.getByLabel('Lot', { exact: true }).click();
    await presses.type('Compost');
    await page.getByRole('option', { name: /Put “Compost” on the shelf/ }).click();
    await me.choose('Protocol', 'Kitchen form');
    await page.getByText(/^Its times, the sample/).click();
    await page.getByLabel('Groups that measure each').click();
    await presses.type(6);
    await page.getByRole('button', { name: /each group its own/ }).click();
    await page.getByRole('button', { name: 'Open the sheet' }).click();
    await expect(page.getByRole('article', { name: '6 sheets on paper' })).toBeVisible();
    for (const i of [1, 2, 3, 4, 5, 6])
      await expect(page.getByRole('heading', { name: `Group ${String(i)}: Kitchen form` })).toBeVisible();
    expect(await presses.made).toBeLessThan(25);
  });
});

test('a bag with its price, what it really holds and two marks on a phone, under 25 taps', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin', {
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const { page } = me;
  const presses = await Presses.count(page);
  await me.go('/shelf');
  await page.getByRole('link', { name: 'Put a lot on the shelf' }).tap();
  await page.getByLabel('Name', { exact: true }).tap();
  await presses.type('Sallow Hill');
  await page.getByLabel('A bought, bagged product to be judged').tap();
  await page.getByLabel(/^Paid for one pack/).tap();
  await presses.type(8);
  await page.getByLabel(/^Pack on the label/).tap();
  await presses.type(50);
  await page.getByRole('button', { name: 'Put it on the shelf' }).tap();
  await page.getByRole('link', { name: 'What it really holds' }).tap();
  await page.getByRole('button', { name: 'Open the sheet' }).tap();
  await me.cell.waitFor();
  await presses.type(49.4);
  await page.getByRole('button', { name: 'Keep 49.4' }).tap();
  await page.getByRole('button', { name: 'Finish the run' }).tap();
  await page.getByRole('link', { name: 'Open the card' }).tap();
  // 8 for the litres that come out, not for those on the label.
  await expect(page.getByText('0.16').first()).toBeVisible();
  await page.getByRole('link', { name: 'Judge it' }).tap();
  await page.getByRole('checkbox', { name: 'Tam Oswin' }).tap();
  await page.getByRole('button', { name: 'Open the sitting' }).tap();
  await page.getByRole('link', { name: 'Your sheets' }).tap();
  for (const next of ['Feel', 'Smell']) {
    const keep = page.getByRole('button', { name: /^Keep, next/ });
    // Somewhere on the scale, not on the mark that stands there already; again where the page was still moving.
    await expect(async () => {
      await page
        .locator('[data-orientation="vertical"]')
        .first()
        .tap({ position: { x: 10, y: 40 } });
      await expect(keep).toBeEnabled({ timeout: 1500 });
    }).toPass();
    await keep.tap();
    await expect(page.getByRole('heading', { level: 2 }).first()).not.toHaveText(next === 'Feel' ? 'Look' : 'Feel');
  }
  expect(await presses.made).toBeLessThan(25);
});

test('a lot, a blend and a score sheet are done by keyboard alone', async ({ browser, notebook }) => {
  const tam = await Person.enter(browser, notebook, 'Tam Oswin');
  const { page } = tam;
  /** Goes on with Tab until what is meant has the focus; somebody without a mouse has no other way. */
  const reach = async (at: Locator, most = 600): Promise<void> => {
    await at.first().waitFor();
    for (let i = 0; i < most; i += 1) {
      if (await at.first().evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press('Tab');
    }
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('what was looked for');
  };
  const press = async (name: string | RegExp, role: 'button' | 'link' | 'checkbox' = 'button'): Promise<void> => {
    await reach(page.getByRole(role, { name }));
    await page.keyboard.press(role === 'checkbox' ? 'Space' : 'Enter');
  };

  // A lot, from the stations' digits to its card, whose heading has the focus.
  await tam.go('/');
  await page.locator('body').press('1');
  await press('Put a lot on the shelf', 'link');
  await reach(page.getByLabel('Name', { exact: true }));
  await page.keyboard.type('Clay granules');
  await press('Put it on the shelf');
  await expect(page.getByRole('heading', { name: /^Clay granules, lot/ })).toBeFocused();

  // A blend: a lot is found by typing, taken by Enter; its parts go up by an arrow; it is named and kept.
  await page.keyboard.press('3');
  await press('Compose a blend', 'link');
  for (const word of ['Bark', 'Pumice']) {
    await reach(page.getByLabel('Add a lot'));
    await page.keyboard.press('Enter');
    await page.keyboard.type(word);
    await expect(page.getByRole('option', { name: new RegExp(word) }).first()).toBeVisible();
    // What the shelf answers may come while one chooses; then one chooses again.
    await expect(async () => {
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('Enter');
      await expect(page.getByRole('option')).toHaveCount(0, { timeout: 1500 });
    }).toPass();
  }
  await reach(page.getByRole('textbox', { name: 'Name of the blend' }));
  await page.keyboard.type('By keys');
  await press('Keep it');
  await expect(page.getByRole('heading', { name: 'By keys' })).toBeVisible();

  // A working, opened from its figure and closed again: the figure has the focus back.
  const figure = page.locator('main [data-working]').first();
  await reach(figure);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: /orking/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(figure).toBeFocused();

  // A sheet to rate.
  const petra = await Person.enter(browser, notebook, 'Petra Lund');
  await petra.go('/score');
  const sheet = petra.page.getByRole('link', { name: /scored|not begun|Begin/ }).first();
  await sheet.waitFor();
  await sheet.focus();
  await petra.page.keyboard.press('Enter');
  const scale = petra.page.getByRole('slider');
  await scale.waitFor();
  for (let i = 0; i < 60; i += 1) {
    if (await scale.evaluate((element) => element === document.activeElement)) break;
    await petra.page.keyboard.press('Tab');
  }
  await petra.page.keyboard.press('ArrowUp');
  const next = petra.page.getByRole('button', { name: /^(Keep, next|Hand the sheet in)/ });
  await expect(next).toBeEnabled();
});

for (const [how, width, height] of [
  ['a phone', 390, 844],
  ['a phone that lies', 844, 390],
  ['a screen at 200 %', 640, 400],
  ['a tablet', 820, 1180],
] as const)
  test(`the keypad never covers the cell on ${how}`, async ({ browser, notebook }) => {
    const tam = await Person.enter(browser, notebook, 'Tam Oswin', { viewport: { width, height }, hasTouch: true });
    const runs = await tam.list<RunRow>('/runs');
    const open = runs.find(
      ({ finishedAt, protocolLabel }) => finishedAt === undefined && protocolLabel.includes('dry'),
    );
    await tam.go(`/bench/runs/${open?.id ?? ''}`);
    await tam.cell.waitFor();
    await tam.cell.scrollIntoViewIfNeeded();
    // What lies at the cell's middle is the cell, wherever one is on the sheet.
    const isOnTop = (): Promise<boolean> =>
      tam.cell.evaluate((cell) => {
        cell.closest('tr')?.scrollIntoView({ block: 'nearest' });
        const { left, top, width: wide, height: high } = cell.getBoundingClientRect();
        return document.elementFromPoint(left + wide / 2, top + high / 2) === cell;
      });
    await expect.poll(isOnTop).toBe(true);
  });
