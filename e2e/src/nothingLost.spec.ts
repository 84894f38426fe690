import type { RunRow, RunSheet } from '@bent-pail/contract';
import { expect, test, type Notebook } from './notebook';
import { Person } from './person';

interface Kept {
  readonly id: string;
  readonly seq: number;
  readonly replicate: number;
  readonly step: string;
  readonly value: number;
  readonly corrects: string | null;
}

test.use({ serviceWorkers: 'allow' });

const readings = (notebook: Notebook, runId: string): Promise<Kept[]> =>
  notebook.rows<Kept & Record<string, unknown>>(
    'select id, seq, replicate, step, value, corrects from readings where run_id = $1 order by seq',
    [runId],
  );

test('with the server down: five readings, one corrected, the tab closed, the server back: in order, once each', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runId = await me.openSheet();
  const address = me.page.url();
  await notebook.kill();
  for (const value of [5.1, 5.2, 5.3, 5.4, 5.5]) await me.read(value);
  await me.page.getByRole('button', { name: /^pH of the extract, B/ }).click();
  await me.cell.fill('5.25');
  await me.page.getByLabel('Reason for the correction').fill('pen had not settled');
  await me.page.getByLabel('Reason for the correction').press('Enter');
  await expect(me.waiting()).toHaveCount(5);
  await me.page.close();
  await notebook.start();
  const again = new Person(await me.context.newPage(), notebook);
  await again.page.goto(address);
  await expect(again.kept()).toHaveCount(5);
  const kept = await readings(notebook, runId);
  expect(kept.map((one) => [one.replicate, one.value])).toEqual([
    [0, 5.1],
    [1, 5.2],
    [2, 5.3],
    [3, 5.4],
    [4, 5.5],
    [1, 5.25],
  ]);
  expect(kept[5]?.corrects).toBe(kept[1]?.id);
});

test('killed before it could commit: the reading waits, then is kept once', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runId = await me.openSheet();
  await me.read(5.1);
  await expect(me.kept()).toHaveCount(1);
  // Somebody holds the run's row: the next reading stands in the middle of its transaction when the server dies.
  const holder = await notebook.connect();
  await holder.query('begin');
  await holder.query('select 1 from runs where id = $1 for update', [runId]);
  await me.read(5.2);
  await expect
    .poll(
      async () =>
        // PostgreSQL shows the first kilobyte of a query: the table may lie behind it, its columns do not.
        (
          await notebook.rows(
            "select 1 from pg_stat_activity where wait_event_type = 'Lock' and query like '%RunEntity%'",
          )
        ).length,
    )
    .toBeGreaterThan(0);
  await expect(me.waiting()).toHaveCount(1);
  await notebook.kill();
  await holder.query('rollback');
  await holder.end();
  expect(await readings(notebook, runId)).toHaveLength(1);
  await notebook.start();
  await expect(me.waiting()).toHaveCount(0);
  await expect(me.kept()).toHaveCount(2);
  expect((await readings(notebook, runId)).map((one) => one.value)).toEqual([5.1, 5.2]);
});

test('killed between commit and answer: what was committed is not kept twice', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runId = await me.openSheet();
  let first = true;
  let killed = false;
  await me.page.route('**/readings', async (route) => {
    if (!first) {
      await route.continue();
      return;
    }
    first = false;
    const answer = await route.fetch();
    expect(answer.status()).toBe(201);
    await notebook.kill();
    killed = true;
    await route.abort('connectionreset');
  });
  await me.read(5.1);
  await expect.poll(() => killed).toBe(true);
  await expect(me.waiting()).toHaveCount(1);
  expect(await readings(notebook, runId)).toHaveLength(1);
  await notebook.start();
  await expect(me.kept()).toHaveCount(1);
  await expect(me.waiting()).toHaveCount(0);
  expect(await readings(notebook, runId)).toHaveLength(1);
});

test('everything shown as kept is there after a kill in the middle of fast entering', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runs = await me.list<RunRow>('/runs');
  const open = runs.find((run) => run.finishedAt === undefined && run.lotCode === 'PM-4') as RunRow;
  await me.go(`/bench/runs/${open.id}`);
  const before = (await me.ask<RunSheet>(`/runs/${open.id}`)).readings.length;
  const typing = (async () => {
    for (const value of [523.1, 524.7, 519.9, 523, 524.6, 519.8]) await me.read(value);
  })();
  await me.page.waitForTimeout(150);
  await notebook.kill();
  await typing;
  const shown = await me.kept().evaluateAll((cells) => cells.map((cell) => cell.getAttribute('data-reading')));
  const stored = (await readings(notebook, open.id)).map((one) => one.id);
  expect(shown.filter((id) => !stored.includes(id as string))).toEqual([]);
  await notebook.start();
  await expect(me.waiting()).toHaveCount(0);
  expect(await readings(notebook, open.id)).toHaveLength(before + 6);
});

test('two people at one cell: both readings stay, and the result waits for a decision', async ({
  browser,
  notebook,
}) => {
  const one = await Person.enter(browser, notebook, 'Tam Oswin');
  const runId = await one.openSheet();
  const two = await Person.enter(browser, notebook, 'Isla Brandreth');
  await two.go(`/bench/runs/${runId}`);
  await one.cell.fill('5.1');
  await two.cell.fill('5.4');
  await Promise.all([one.cell.press('Enter'), two.cell.press('Enter')]);
  await expect(one.page.getByText(/Two readings stand in one cell: 5\.\d and 5\.\d/)).toBeVisible();
  await expect(two.page.getByText(/Two readings stand in one cell/)).toBeVisible();
  expect(await readings(notebook, runId)).toHaveLength(2);
});

test('a reload while the server is away opens the sheet as it was, and typing goes on', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.openSheet();
  await me.page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await me.read(5.1);
  await expect(me.kept()).toHaveCount(1);
  // The sheet is asked for every two seconds; once is enough to have it kept.
  await me.page.waitForResponse((answer) => /\/api\/runs\/[0-9a-f-]{36}$/.test(answer.url()) && answer.ok());
  await me.page.waitForTimeout(300);
  await notebook.kill();
  await me.page.reload();
  await expect(me.kept()).toHaveCount(1);
  await me.read(5.2);
  await expect(me.waiting()).toHaveCount(1);
  await notebook.start();
  await expect(me.waiting()).toHaveCount(0);
  await expect(me.kept()).toHaveCount(2);
});
