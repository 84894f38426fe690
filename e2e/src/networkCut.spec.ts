import { expect, test, type Notebook } from './notebook';
import { Person } from './person';
import { seeded } from './crash/chance';

test.use({ serviceWorkers: 'allow' });

/** A sample in every test run; `npm run crash` types 200 in ten minutes. */
const FULL = process.env.BENT_PAIL_CRASH === 'full';
const ROUNDS = FULL ? 20 : 1;
/** Readings of a round: from the first tab, and from the second, which is closed in the middle. */
const READINGS = { first: 7, second: 3 };
const PACE_MS = FULL ? 3000 : 100;
const SEED = Number(process.env.BENT_PAIL_SEED ?? '20261201');
/** So many in a row come between two cuts of the line at most. */
const LONGEST = 4;

/** Sheets in two tabs, and what was typed into each. */
class Round {
  private readonly typed = new Map<string, number[]>();

  constructor(private readonly notebook: Notebook) {}

  async open(tab: Person): Promise<string> {
    const runId = await tab.openSheet(READINGS.first + 1);
    this.typed.set(runId, []);
    return runId;
  }

  async read(tab: Person, runId: string, value: number): Promise<void> {
    await tab.read(value);
    this.typed.get(runId)?.push(value);
  }

  /** Everything is kept, once, in the order in which it was typed. */
  async expectKept(): Promise<void> {
    for (const [runId, values] of this.typed) {
      const kept = () =>
        this.notebook
          .rows<{ value: number }>('select value from readings where run_id = $1 order by seq', [runId])
          .then((rows) => rows.map(({ value }) => value));
      await expect.poll(kept, { timeout: 60_000 }).toEqual(values);
    }
  }
}

test(`${String(ROUNDS * (READINGS.first + READINGS.second))} readings from two tabs while the network comes and goes, one tab closed in the middle: each is kept once, in order`, async ({
  browser,
  notebook,
}) => {
  test.setTimeout(FULL ? 30 * 60_000 : 240_000);
  const random = seeded(SEED);
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  for (let round = 0; round < ROUNDS; round += 1) {
    const sheets = new Round(notebook);
    const second = new Person(await me.context.newPage(), notebook);
    const runs = [await sheets.open(me), await sheets.open(second)] as const;
    let isCut = false;
    let untilTurn = 2;
    for (let n = 0; n < READINGS.first + READINGS.second; n += 1) {
      const isSecond = n < 2 * READINGS.second && n % 2 === 1;
      await sheets.read(isSecond ? second : me, runs[isSecond ? 1 : 0], 4 + n / 10);
      // What still waits in the tab that goes is sent by the one that stays.
      if (n === 2 * READINGS.second) await second.page.close();
      untilTurn -= 1;
      if (untilTurn <= 0) {
        isCut = !isCut;
        await me.context.setOffline(isCut);
        untilTurn = 1 + Math.floor(random() * LONGEST);
      }
      await me.page.waitForTimeout(random() * 2 * PACE_MS);
    }
    await me.context.setOffline(false);
    await sheets.expectKept();
  }
});

test('whoever signs out while readings wait is asked first', async ({ browser, notebook }) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  // The page is in the browser's own store by then.
  await me.go('/you');
  await me.openSheet();
  await notebook.kill();
  await me.read(5.4);
  await expect(me.waiting()).toHaveCount(1);
  await me.page.getByRole('link', { name: /Tam Oswin/ }).click();
  await me.page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(me.page.getByRole('alert').filter({ hasText: '1 reading waits in this browser' })).toBeVisible();
  await expect(me.page.getByRole('button', { name: 'Sign out all the same' })).toBeVisible();
});
