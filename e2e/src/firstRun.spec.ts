import { expect, test } from './notebook';
import { Person } from './person';

test.use({ template: 'empty' });

test('from an empty notebook to a card: one name, vessels by water, a run by keyboard, a reload, the server away', async ({
  browser,
  notebook,
}) => {
  const page = await browser.newPage();
  const me = new Person(page, notebook);
  await page.goto(notebook.url);
  await page.getByLabel('Where is this bench?').fill('Hollins');
  await page.getByLabel('Your name').fill('Ada');
  await page.getByLabel('A password of at least 10 characters').fill('short');
  await page.getByRole('button', { name: 'Open the notebook' }).click();
  await expect(page.getByRole('alert')).toContainText('at least 10 characters');
  await page.getByLabel('A password of at least 10 characters').fill('weigh before you say');
  await page.getByRole('button', { name: 'Open the notebook' }).click();

  await page.getByLabel('What is in the pail?').fill('Coarse pumice');
  await page.getByLabel('What is in the pail?').press('Enter');
  await expect(page.getByRole('heading', { name: 'Saturate, drain, dry' })).toBeVisible();

  for (const [i, full] of [1350, 1347.5, 1352.1].entries()) {
    const form = page.getByRole('form', { name: `Measure Vessel ${String(i + 1)}` });
    await form.getByLabel('Depth inside, cm').fill('12');
    await form.getByLabel('Empty, g').fill('300');
    await form.getByLabel('Full of water, g').fill(String(full));
    await form.getByRole('button', { name: 'Keep the vessel' }).click();
    await expect(form).toBeHidden();
  }

  // The whole sheet by keyboard: Enter keeps and goes on; a comma is a decimal point; what may stay empty is passed by.
  await me.cell.focus();
  await me.read('17,4');
  for (const tare of [312.4, 311.9, 313]) await me.read(tare);
  for (let i = 0; i < 3; i += 1) await me.cell.press('Enter');
  for (const name of ['A', 'B', 'C']) {
    await expect(page.locator('[data-who]')).toHaveText(`Wet slowly from below, ${name}`);
    await page.keyboard.press('Enter');
  }
  await expect(me.kept()).toHaveCount(7);
  notebook.forward(24 * 60);

  // A reload in mid-run loses nothing, not even what was typed and not kept.
  await me.cell.fill('15');
  await page.reload();
  await expect(me.kept()).toHaveCount(7);
  await expect(me.cell).toHaveValue('15');

  // The server goes away; typing goes on; it comes back, and everything is sent.
  await notebook.kill();
  for (const saturated of [1541.6, 1539.2, 1545.1]) await me.read(saturated);
  await expect(me.waiting()).toHaveCount(3);
  await expect(page.getByText('3 readings wait in this browser')).toBeVisible();
  await notebook.start();
  await expect(me.waiting()).toHaveCount(0);
  await expect(me.kept()).toHaveCount(10);

  for (let i = 0; i < 3; i += 1) await me.cell.press('Enter');
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Enter');
  await expect(me.kept()).toHaveCount(13);
  notebook.forward(61);
  // A drained pail cannot outweigh its soaked self: that is asked before it is kept, and stands there if it is.
  await me.cell.fill('1600');
  await me.cell.press('Enter');
  await expect(page.getByText('Enter again keeps it all the same.')).toBeVisible();
  await expect(me.kept()).toHaveCount(13);
  await me.cell.press('Enter');
  await expect(me.kept()).toHaveCount(14);
  await expect(page.getByText('1600 g drained but 1541.6 g saturated')).toBeVisible();
  await page.getByRole('button', { name: /^Weigh, drained, A/ }).click();
  await me.cell.fill('1157.5');
  await me.cell.press('Enter');
  // Typed again at once, it was a slip of the finger, and needs no reason.
  await expect(me.kept()).toHaveCount(14);
  await expect(page.getByText('1600 g drained but 1541.6 g saturated')).toHaveCount(0);
  await me.read(1153.1);
  await me.read(1161.4);
  for (let i = 0; i < 6; i += 1) await me.cell.press('Enter');
  for (const tray of [20, 20, 20, 530.2, 527.4, 533]) await me.read(tray);
  await page.getByRole('button', { name: 'Finish the run' }).click();
  await expect(page.getByText(/Of a drained vessel \d+ % is water and \d+ % is air/)).toBeVisible();

  await page.getByRole('link', { name: 'Open the card' }).click();
  await expect(page.getByRole('heading', { name: 'Coarse pumice, lot 1' })).toBeVisible();
  // (1541.6 - 1157.5), (1539.2 - 1153.1), (1545.1 - 1161.4) g over 0.99873 g/mL and the vessels' own volumes.
  await expect(page.getByRole('button', { name: /^Air space: 0\.36\d/ }).first()).toBeVisible();
});

test('a comma that could part thousands is asked about, and bad text loses nothing', async ({ browser, notebook }) => {
  const page = await browser.newPage();
  const me = new Person(page, notebook);
  await page.goto(notebook.url);
  await page.getByLabel('Where is this bench?').fill('Hollins');
  await page.getByLabel('Your name').fill('Ada');
  await page.getByLabel('A password of at least 10 characters').fill('weigh before you say');
  await page.getByRole('button', { name: 'Open the notebook' }).click();
  await page.getByLabel('What is in the pail?').fill('the grey stuff');
  await page.getByRole('button', { name: 'No oven, no scale' }).click();
  // The form of the vessel stands above the sheet: what is typed is for the cell.
  await page.getByRole('form', { name: 'Measure Vessel 1' }).waitFor();
  await me.cell.focus();
  await me.read('twelve');
  await expect(page.getByText('“twelve” is not a number')).toBeVisible();
  await expect(me.cell).toHaveValue('twelve');
  await me.read('-5');
  await expect(page.getByText('must lie between 0 and 50000 mL')).toBeVisible();
  await me.read('1,234');
  await page.getByRole('button', { name: '1 234' }).click();
  await expect(me.kept()).toHaveText(['1 234']);
});
