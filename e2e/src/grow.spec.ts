import type { KeptTrialReading, LotRow, TrialPage, TrialRow } from '@bent-pail/contract';
import { randomUUID } from 'node:crypto';
import { expect, test } from './notebook';
import { Person } from './person';
import { Presses } from './presses';

const DAY_MS = 86_400_000;
const dayBefore = (days: number): string => new Date(Date.now() - days * DAY_MS).toISOString().slice(0, 10);

/** A trial of five lots on twelve shelves, sown a fortnight ago: sixty pots, of which all is read today. */
async function sixtyPots(me: Person): Promise<TrialPage> {
  const lots = (await me.list<LotRow>('/lots')).slice(0, 5);
  const id = randomUUID();
  const plan = {
    question: 'Which of five?',
    arms: lots.map(({ id: mediumId, code }, i) => ({
      key: 'abcde'[i],
      name: code,
      mediumKind: 'lot',
      mediumId,
      own: {},
    })),
    reference: 'a',
    species: [{ key: 'cress', name: 'Cress', seeds: 10, plants: 2, weight: 1 }],
    unit: 'pot',
    blockIs: 'shelf',
    blocks: 12,
    common: { sownOn: dayBefore(14) },
    settled: [],
    observe: [
      { trait: 'up', ages: [14] },
      { trait: 'height', ages: [14] },
      { trait: 'signs', ages: [14] },
    ],
    asks: { trait: 'height', difference: 5, sd: 3 },
    within_d: 0,
  };
  expect((await me.tell('POST', '/trials', { id, name: 'Sixty pots', plan })).status).toBe(201);
  return (await me.tell<TrialPage>('POST', `/trials/${id}/layout`, { seed: 3 })).body;
}

test('a trial is planned with what it can tell beside it, drawn by lot, and stands on the map', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  await me.go('/grow');
  await me.page.getByRole('link', { name: 'Plan a trial' }).click();
  await me.page.getByLabel('Called').first().fill('Winter plugs');
  await me.page.getByLabel('Question').fill('Does coir do as well as peat?');
  for (const [letter, lot] of [
    ['A', 'PT-5'],
    ['B', 'CO-2'],
  ] as const) {
    await me.page.getByLabel(`Medium ${letter}`, { exact: true }).click();
    await me.page.keyboard.type(lot);
    await me.page
      .getByRole('option', { name: new RegExp(lot) })
      .first()
      .click();
  }
  await me.page.getByLabel('Species', { exact: true }).fill('Leek');
  const aside = me.page.getByRole('complementary', { name: 'What it can tell' });
  await expect(aside).toContainText('too small to tell');
  await me.page.getByLabel('How many blocks').fill('8');
  await expect(aside).toContainText('enough of each');
  await me.page.getByRole('button', { name: 'Keep the plan' }).click();
  await me.page.getByRole('button', { name: 'Draw the layout' }).click();
  await me.page.getByRole('tab', { name: 'Where it stands' }).click();
  await expect(me.page.getByRole('list', { name: 'Map of the trial' }).getByRole('button')).toHaveCount(16);
  // Eight of each, and two media on every shelf.
  const [row] = await me.list<TrialRow>('/trials');
  const { plots } = await me.ask<TrialPage>(`/trials/${row?.id ?? ''}`);
  expect(
    plots
      .filter(({ block }) => block === 5)
      .map(({ arm }) => arm)
      .sort(),
  ).toEqual(['a', 'b']);
});

test('a day of sixty pots is read by keyboard in under 300 presses beyond the digits, network or not', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const trial = await sixtyPots(me);
  const presses = await Presses.count(me.page);
  await me.go(`/grow/${trial.id}/day`);
  const cell = me.page.getByRole('region', { name: 'The cell to fill' });
  await cell.getByRole('textbox').waitFor();
  const before = await presses.made;
  const left = me.page.getByRole('region', { name: 'How far it is' }).getByRole('status');
  for (let i = 0; i < 60; i += 1) await presses.type(5 + (i % 6), 'Enter');
  // The network goes in the middle of it; nobody at the keyboard need know.
  await me.context.setOffline(true);
  for (let i = 0; i < 120; i += 1) await presses.type(30 + (i % 9), 'Enter');
  await expect(left).toContainText('180 of 240 read');
  await me.context.setOffline(false);
  await cell.getByRole('button', { name: 'Nothing seen' }).waitFor();
  for (let i = 0; i < 60; i += 1) {
    await expect(cell.locator('b').first()).toHaveText(String(trial.plots[i]?.number ?? 0));
    await me.page.keyboard.press('Enter');
  }
  expect((await presses.made) - before).toBeLessThan(300);
  await expect(left).toHaveText('All of the day is read.', { timeout: 180_000 });
  await expect
    .poll(async () => (await me.ask<KeptTrialReading[]>(`/trials/${trial.id}/readings`)).length, { timeout: 180_000 })
    .toBe(240);
  const readings = await me.ask<KeptTrialReading[]>(`/trials/${trial.id}/readings`);
  const cells = new Set(readings.map(({ plotId, plant, trait }) => `${plotId} ${String(plant)} ${trait}`));
  expect(cells.size).toBe(240);
});

test('a label opens its plot; the finished trial answers beside its reference and on its report', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin', { viewport: { width: 390, height: 844 } });
  const trials = await me.list<TrialRow>('/trials');
  const running = trials.find(({ state }) => state === 'running')?.id ?? '';
  const finished = trials.find(({ ratios }) => ratios !== undefined)?.id ?? '';
  const alone = trials.find(({ name }) => name === 'Four seeds a tray')?.id ?? '';
  await me.go(`/grow/${running}/plots/9`);
  await expect(me.page.getByRole('region', { name: 'The cell to fill' }).locator('b').first()).toHaveText('9');
  // A finger on the keypad does as well as a key.
  const keypad = me.page.getByRole('group', { name: 'Keypad' });
  await keypad.getByRole('button', { name: '4', exact: true }).click();
  await keypad.getByRole('button', { name: 'Keep 4' }).click();
  await expect(me.page.getByRole('region', { name: 'Just read' })).toContainText('Plot 9');
  await me.go(`/grow/${finished}`);
  await expect(me.page.getByRole('region', { name: 'The answer' })).toContainText(/beside Peat: .* mm below/);
  await me.go(`/grow/${finished}/report`);
  await expect(me.page.getByRole('article')).toContainText(/beside Peat/);
  await me.go(`/grow/${alone}`);
  await expect(me.page.getByRole('region', { name: 'The answer' })).toContainText('No test is made');
  await expect(me.page.locator('main')).not.toContainText(/, p /);
});
