import type { LotRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';

test('a bag is taken in: label against truth, the next check is offered, lots of one material compared', async ({
  browser,
  notebook,
}) => {
  const isla = await Person.enter(browser, notebook, 'Isla Brandreth');
  const lots = await isla.list<LotRow>('/lots');
  const idOf = (code: string): string => lots.find((lot) => lot.code === code)?.id ?? '';
  await isla.go(`/shelf/lots/${idOf('OS-1')}/intake`);
  await expect(isla.page.getByText(/The label says 50 L; poured out it was 6 % less/)).toBeVisible();
  await isla.page.getByRole('link', { name: 'Next check' }).click();
  await expect(isla.page.getByLabel('Protocol')).toHaveText('Dust');

  await isla.go(`/shelf/lots/${idOf('PM-4')}/intake`);
  await isla.page.getByRole('textbox', { name: /^within/ }).fill('0.01');
  await expect(isla.page.getByText(/test \d+ lots in all/)).toBeVisible();
  const before = await isla.page.getByRole('status').last().innerText();
  await isla.page.getByRole('textbox', { name: /^within/ }).fill('0.005');
  await expect(isla.page.getByRole('status').last()).not.toHaveText(before);
});

test('a sample goes to the practice laboratory, and its report becomes a run and figures of the card', async ({
  browser,
  notebook,
}) => {
  const tam = await Person.enter(browser, notebook, 'Tam Oswin');
  await tam.go('/bench/laboratory');
  await tam.choose('A sample of', 'Coir pith, rinsed, CO-2');
  await tam.choose('It takes', 'a day');
  await tam.page.getByRole('button', { name: 'Send it' }).click();
  const coirs = tam.page.getByRole('listitem').filter({ hasText: 'Coir pith, rinsed, CO-2' });
  await expect(coirs.getByText(/^expected/)).toBeVisible();
  await tam.go('/');
  await expect(tam.page.getByRole('link', { name: /Report of the laboratory.*Coir pith/ })).toBeVisible();

  notebook.forward(24 * 60 + 1);
  await tam.go('/bench/laboratory');
  await coirs.getByRole('button', { name: 'Open the report' }).click();
  await expect(tam.page.getByLabel('Taken', { exact: true }).getByText('Potassium')).toBeVisible();
  await tam.page.getByRole('button', { name: 'Keep 15 figures as a run' }).click();
  await expect(tam.page.getByText('Finished', { exact: true })).toBeVisible();
  const lot = (await tam.list<LotRow>('/lots')).find((one) => one.code === 'CO-2');
  await tam.go(`/shelf/lots/${lot?.id ?? ''}`);
  await expect(tam.page.getByRole('row', { name: /^Potassium/ })).toBeVisible();
});

test('a run says how its sample was taken, dries until it stands still, and takes pH in mV', async ({
  browser,
  notebook,
}) => {
  const tam = await Person.enter(browser, notebook, 'Tam Oswin');
  const lots = await tam.list<LotRow>('/lots');
  const coir = lots.find((lot) => lot.code === 'CO-2')?.id ?? '';
  await tam.go(`/bench?lot=${coir}&protocol=saturate-drain-dry`);
  await expect(tam.page.getByText(/First moisten it until a squeezed handful just holds/)).toBeVisible();
  await tam.page.getByLabel('Replicates').fill('1');
  await tam.page.locator('summary', { hasText: /sample, several lots/ }).click();
  await tam.choose('Taken from', /bag/);
  await tam.page.getByLabel('Increments').fill('1');
  await tam.page.getByRole('button', { name: 'Open the sheet' }).click();
  await expect(tam.page.getByText('one grab from the bag', { exact: true })).toBeVisible();
  await expect(tam.page.getByText(/One grab from the bag: the result stands for that grab/)).toBeVisible();

  await tam.page.getByRole('button', { name: /^Drying tray, empty, A: empty/ }).click();
  await tam.read(20);
  await tam.read(110);
  await expect(tam.page.locator('[data-lit]')).toHaveAttribute('data-lit', '0:dryAgain');
  await tam.read(109);
  await expect(tam.page.locator('[data-lit]')).toHaveAttribute('data-lit', '0:dryThird');
  await tam.read(109);
  await expect(tam.page.getByRole('button', { name: /^Third weighing, 2 h later, A: 109/ })).toBeVisible();
  await expect(tam.page.getByText(/Fourth weighing/)).toHaveCount(0);

  await tam.go(`/bench?lot=${coir}&protocol=ph-1to5`);
  await tam.page.getByRole('button', { name: 'Open the sheet' }).click();
  await tam.page.getByRole('radio', { name: 'mV' }).check();
  await tam.page.getByLabel('Temperature of the extract, °C').fill('20');
  await tam.read(60);
  await expect(tam.page.getByRole('button', { name: /^pH of the extract, A: 60/ })).toContainText('60.0 mV');
});
