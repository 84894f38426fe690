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
    await pass(3);
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
    // Somewhere on the scale, not on the mark that stands there already.
    await page
      .locator('[data-orientation="vertical"]')
      .first()
      .tap({ position: { x: 10, y: 40 } });
    await page.getByRole('button', { name: /^Keep, next/ }).tap();
    await expect(page.getByRole('heading', { level: 2 }).first()).not.toHaveText(next === 'Feel' ? 'Look' : 'Feel');
  }
  expect(await presses.made).toBeLessThan(25);
});
