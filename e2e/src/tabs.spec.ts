import { expect, test } from './notebook';
import { Person } from './person';

test('six tabs of one browser share one stream, and the sixth still sends', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.openSheet();
  const address = me.page.url();
  const streams: string[] = [];
  me.context.on('request', (request) => {
    if (request.url().endsWith('/api/live')) streams.push(request.url());
  });
  const tabs: Person[] = [];
  for (let i = 0; i < 6; i += 1) {
    const tab = new Person(await me.context.newPage(), notebook);
    await tab.page.goto(address);
    await tab.cell.waitFor();
    tabs.push(tab);
  }
  expect(streams).toEqual([]);
  const last = tabs.at(-1) as Person;
  await last.read(5.1);
  await expect(last.kept()).toHaveCount(1);
  // The tab that has the stream tells the others.
  for (const tab of [me, ...tabs]) await expect(tab.kept()).toHaveCount(1);
  // It goes, and another takes the stream over.
  await me.page.close();
  await expect.poll(() => streams.length).toBe(1);
  await (tabs[0] as Person).read(5.2);
  for (const tab of tabs) await expect(tab.kept()).toHaveCount(2);
});

test('twenty readings make no other page ask for today', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const other = await Person.enter(browser, notebook, 'Isla Brandreth');
  await other.go('/shelf');
  await me.openSheet(12);
  await other.page.waitForTimeout(2500);
  const asked: string[] = [];
  for (const page of [me.page, other.page])
    page.on('request', (request) => {
      if (/\/api\/(?:today|lots|counts)$/.test(request.url())) asked.push(request.url());
    });
  for (let i = 0; i < 12; i += 1) await me.read(5 + i / 10);
  await expect(me.kept()).toHaveCount(12);
  expect(asked.filter((url) => url.endsWith('/today'))).toEqual([]);
  // Numbers are asked for now and then whatever happens; never once a reading.
  expect(asked.length).toBeLessThan(4);
});

test('signed out while the bench computer was away: what was typed is sent by itself after signing in again', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runId = await me.openSheet();
  const stored = async (): Promise<number[]> =>
    (await notebook.rows<{ value: number }>('select value from readings where run_id = $1 order by seq', [runId])).map(
      ({ value }) => value,
    );
  await notebook.kill();
  for (const value of [5.1, 5.2, 5.3]) await me.read(value);
  await expect(me.waiting()).toHaveCount(3);
  await notebook.rows('delete from session');
  await notebook.start();
  // The door stands there instead of a page that can do nothing.
  await me.page.getByRole('button', { name: /Tam Oswin/ }).click();
  await expect.poll(stored).toEqual([5.1, 5.2, 5.3]);
  await expect(me.kept()).toHaveCount(3);
  await expect(me.waiting()).toHaveCount(0);
});
