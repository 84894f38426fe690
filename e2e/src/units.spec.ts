import { expect, test } from './notebook';
import { Person } from './person';

test('somebody who chooses US customary units reads, types and takes away in them; what is kept is metric', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.go('/you');
  await me.page.getByRole('button', { name: 'US customary' }).click();
  await expect(me.page.getByRole('button', { name: 'US customary' })).toHaveAttribute('aria-pressed', 'true');

  const runId = await me.openSheet();
  await me.read(6.1);
  const [row] = await notebook.rows<{ id: string }>("select id from lots where code = 'PM-3'");
  await me.go(`/shelf/lots/${row?.id ?? ''}`);
  await expect(me.page.getByText(/cu ft/).first()).toBeVisible();
  const table = (units = ''): Promise<string> =>
    me.page.evaluate(
      async (address) => (await fetch(address)).text(),
      `/api/exports/readings.csv?lot=${row?.id ?? ''}${units}`,
    );
  expect(await table()).toMatch(/,oz,/);
  expect(await table('&units=metric')).toMatch(/,g,/);
  const kept = await notebook.rows<{ value: number }>('select value from readings where run_id = $1', [runId]);
  expect(kept).toHaveLength(1);

  // Somebody else reads the same card metric.
  const other = await Person.enter(browser, notebook, 'Isla Brandreth');
  await other.go(`/shelf/lots/${row?.id ?? ''}`);
  await expect(other.page.getByText(/\d L$/).first()).toBeVisible();
  await expect(other.page.getByText(/cu ft/)).toHaveCount(0);
});
