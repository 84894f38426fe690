import { expect, test } from './notebook';
import { Person, PH } from './person';

test('two people at one sheet: each sees the other’s readings at once, and a cell filled by both asks which counts', async ({
  browser,
  notebook,
}) => {
  const tam = await Person.enter(browser, notebook, 'Tam Oswin');
  await tam.go('/bench?start');
  await tam.choose('Protocol', PH);
  await tam.page.getByRole('button', { name: 'Open the sheet' }).click();
  await tam.cell.waitFor();
  const isla = await Person.enter(browser, notebook, 'Isla Brandreth');
  await isla.page.goto(tam.page.url());
  await isla.cell.waitFor();

  await tam.read(5.1);
  await expect(isla.kept()).toHaveCount(1);
  await expect(isla.page.locator('[data-lit]')).toHaveAttribute('data-lit', '1:pH');

  // Isla's line is down for a moment: both fill B.
  await isla.page.route('**/readings', (route) => route.abort());
  await isla.read(5.4);
  await expect(isla.waiting()).toHaveCount(1);
  await tam.read(5.2);
  await expect(tam.kept()).toHaveCount(2);
  await isla.page.unroute('**/readings');
  await expect(isla.page.getByText('Two readings stand in one cell: 5.2 and 5.4')).toBeVisible();
  await expect(tam.page.getByText('Two readings stand in one cell: 5.2 and 5.4')).toBeVisible();

  await tam.page.getByRole('button', { name: /pH of the extract, B/ }).click();
  await tam.page
    .getByRole('group', { name: 'Two readings: which counts?' })
    .getByRole('button', { name: /5\.40/ })
    .click();
  await expect(isla.page.getByText('Two readings stand in one cell')).toHaveCount(0);
  await expect(isla.page.getByRole('button', { name: /pH of the extract, B: 5\.4/ })).toBeVisible();
});

test('a calibration that fails is kept as it is, and the readings made on it say so', async ({ browser, notebook }) => {
  const isla = await Person.enter(browser, notebook, 'Isla Brandreth');
  await isla.go('/bench/instruments');
  const pen = isla.page.getByRole('region', { name: 'Red pen' });
  await pen.getByRole('button', { name: 'Calibrate Red pen' }).click();
  const shown = pen.getByLabel(/^Shown, mV/);
  await shown.nth(0).fill('140');
  await shown.nth(1).fill('−2,5');
  await expect(pen.getByText(/slope 8\d\.\d % of theory/)).toBeVisible();
  await pen.getByRole('button', { name: 'Keep it, failed as it is' }).click();
  await expect(pen.getByText('Failed', { exact: true })).toBeVisible();

  await isla.go('/bench?start');
  await isla.choose('Protocol', 'pH, 1:2 in water');
  await isla.page.getByRole('button', { name: 'Open the sheet' }).click();
  await expect(isla.page.getByText(/The calibration of Red pen had failed/).first()).toBeVisible();
  for (const value of [5.1, 5.2, 5.15]) await isla.read(value);
  await isla.page.getByRole('button', { name: 'Finish the run' }).click();
  await isla.page.getByRole('link', { name: 'On paper' }).click();
  await expect(isla.page.getByText(/Calibration failed/)).toBeVisible();
  await isla.page.getByRole('link', { name: 'Back to the sheet' }).click();
  await isla.page.getByRole('link', { name: 'Open the card' }).click();
  await expect(isla.page.getByText(/Calibration failed/).first()).toBeVisible();
});

test('what is judged by classes is chosen by digit, and told in words', async ({ browser, notebook }) => {
  const tam = await Person.enter(browser, notebook, 'Tam Oswin');
  await tam.go('/bench?start');
  await tam.choose('Protocol', 'Fist squeeze');
  await tam.page.getByRole('button', { name: 'Open the sheet' }).click();
  await expect(tam.page.getByRole('button', { name: /just moist/ })).toBeVisible();
  for (const digit of ['2', '2', '2', '3']) {
    const before = await tam.kept().count();
    await expect(tam.page.locator('[data-class-choice]').first()).toBeFocused();
    await tam.page.keyboard.press(digit);
    await expect(tam.kept()).toHaveCount(before + 1);
  }
  await tam.page.getByRole('button', { name: 'Finish the run' }).click();
  await expect(
    tam.page.getByText('Fist squeeze: holds, crumbles at a touch ×2, stays a ball ×1.').first(),
  ).toBeVisible();
});
