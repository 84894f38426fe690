import { randomUUID } from 'node:crypto';
import type { KeptReading, RunSheet, ScorecardPage, SittingPage, UserRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';

interface Bag {
  readonly name: string;
  readonly code: string;
  readonly price: number;
  /** Litres that come out of it. */
  readonly litres: readonly number[];
  /** Class of a squeezed handful, from falling apart to dripping. */
  readonly squeeze: number;
  readonly floats: number;
  readonly pH: number;
}

const BAGS: readonly Bag[] = [
  { name: 'Sallow Hill', code: 'SH-1', price: 8, litres: [49.4, 49.9], squeeze: 1, floats: 8, pH: 6.1 },
  { name: 'Brock End', code: 'BE-1', price: 6, litres: [41.2, 41.8], squeeze: 2, floats: 40, pH: 4.6 },
  { name: 'Windle Top', code: 'WT-1', price: 11, litres: [50.6, 50.1], squeeze: 1, floats: 12, pH: 6.4 },
];

/** A run of a lot with its readings by step, typed through the door that every sheet uses. */
async function measure(
  me: Person,
  lotId: string,
  protocol: string,
  readings: Readonly<Record<string, readonly number[]>>,
): Promise<void> {
  const id = randomUUID();
  const replicates = Math.max(...Object.values(readings).map((row) => row.length));
  const settings = { packingHabit: 'tapped', soak_min: 1440, drain_min: 60, ovenTemp_C: 104 };
  const body = { id, lotId, protocol, replicates, vesselIds: [], settings };
  const started = await me.tell<RunSheet>('POST', '/runs', body);
  expect(started.status, JSON.stringify(started.body)).toBeLessThan(300);
  for (const [step, row] of Object.entries(readings))
    for (const [replicate, value] of row.entries()) {
      const reading = { id: randomUUID(), replicate, step, value, takenAt: new Date().toISOString() };
      const kept = await me.tell<KeptReading>('POST', `/runs/${id}/readings`, reading);
      expect(kept.status, `${protocol} ${step}: ${JSON.stringify(kept.body)}`).toBe(201);
    }
  const finished = await me.tell('POST', `/runs/${id}/finish`);
  expect(finished.status, JSON.stringify(finished.body)).toBeLessThan(300);
}

/** A rater marks a sample on the phone and hands it in. */
async function mark(rater: Person, scores: readonly number[]): Promise<void> {
  for (const [i, score] of scores.entries()) {
    const scale = rater.page.getByRole('slider');
    await scale.focus();
    await scale.press('Home');
    for (let step = 0; step < score * 2; step += 1) await scale.press('ArrowUp');
    await rater.page.getByRole('button', { name: i === 2 ? 'Hand the sheet in' : /^Keep, next/ }).click();
    if (i < 2)
      await expect(rater.page.getByRole('heading', { level: 2, name: ['Look', 'Feel'][i] as string })).toBeVisible();
  }
}

test('three bags are priced, poured, squeezed, floated, rated by two people, ranked, mended on paper and printed', async ({
  browser,
  notebook,
}) => {
  test.setTimeout(240_000);
  const lead = await Person.enter(browser, notebook, 'Isla Brandreth');
  const lots = new Map<string, string>();
  for (const { name, code, price, litres, squeeze, floats, pH } of BAGS) {
    const [materialId, lotId] = [randomUUID(), randomUUID()];
    await lead.tell('POST', '/materials', { id: materialId, name, kind: 'product', classId: 'compost-green' });
    await lead.tell('POST', '/lots', { id: lotId, materialId, code, price, packVolume_L: 50 });
    lots.set(code, lotId);
    await measure(lead, lotId, 'bag-volume', { volume: litres });
    await measure(lead, lotId, 'squeeze', { moisture: [1], squeeze: [squeeze] });
    await measure(lead, lotId, 'float', { floating: [floats], sunk: [100 - floats] });
    await measure(lead, lotId, 'ph-1to5', { pH: [pH, pH] });
  }

  // Priced: the poured litres count, not the label's.
  await lead.go('/score/prices');
  const board = lead.page.getByRole('row', { name: /Brock End/ }).first();
  await expect(board).toContainText('0.14');

  // Judged together by two people, on their phones.
  await lead.go('/score?start');
  for (const { name, code } of BAGS)
    await lead.choose(lead.page.getByRole('combobox', { name: /roduct$/ }).first(), `${name}, ${code}`);
  await lead.page.getByLabel('Called').fill('Three bags');
  await lead.page.getByRole('button', { name: 'Open the sitting' }).click();
  await expect(lead.page.getByText('Blind: 0 of 6 sheets are in.')).toBeVisible();
  const sitting = lead.page.url();
  const { samples } = await lead.ask<SittingPage>(`/sittings/${sitting.split('/').at(-1) as string}`);
  const codeOf = (bag: string): string => samples.find(({ product }) => product?.lotCode === bag)?.sampleCode ?? 'none';
  const marks: Readonly<Record<string, readonly number[]>> = {
    [codeOf('SH-1')]: [8, 8, 7.5],
    [codeOf('BE-1')]: [3.5, 4, 4],
    [codeOf('WT-1')]: [7, 6.5, 7],
  };
  for (const name of ['Wyn Harker', 'Petra Lund']) {
    const rater = await Person.enter(browser, notebook, name, { viewport: { width: 390, height: 844 } });
    await rater.go('/score');
    await rater.page
      .getByRole('link', { name: /Three bags/ })
      .first()
      .click();
    for (let sample = 1; sample <= 3; sample += 1) {
      await expect(rater.page.getByText(`Sample ${String(sample)} of 3 for you.`)).toBeVisible();
      const code = await rater.page.locator('header b').first().innerText();
      await mark(rater, marks[code] ?? []);
      if (sample < 3) await rater.page.getByRole('link', { name: /^Next: sample/ }).click();
    }
    await expect(rater.page.getByText(/Thank you/)).toBeVisible();
  }
  await expect(lead.page.getByText('All are in; the marks are open.')).toBeVisible();

  // Ranked: the good bag before the sour one.
  await lead.go('/score/ranking');
  for (const name of ['Sallow Hill', 'Brock End', 'Windle Top']) {
    const box = lead.page.getByRole('checkbox', { name: new RegExp(name) });
    if (!(await box.isChecked())) await box.check();
  }
  const order = lead.page.getByRole('row', { name: /Sallow Hill|Brock End|Windle Top/ });
  await expect(order).toHaveCount(3);
  await expect(order.last()).toContainText('Brock End');

  // What would mend the sour bag, and what it is good for.
  const users = await lead.ask<UserRow[]>('/users');
  expect(users.length).toBeGreaterThan(3);
  const sour = samples.find(({ product }) => product?.lotCode === 'BE-1')?.cardId as string;
  await lead.go(`/score/cards/${sour}`);
  const remedies = lead.page.getByRole('region', { name: 'Remedies' });
  await expect(remedies.getByText(/g of ground limestone to a litre for pH 5\.5/)).toBeVisible();
  await expect(remedies.getByText(/^Then it would score about/)).toBeVisible();
  await expect(lead.page.getByRole('region', { name: 'Best for' })).toContainText('short of its label by 17 %');
  const { card } = await lead.ask<ScorecardPage>(`/scorecards/${sour}`);
  expect(card.criteria.find(({ criterion }) => criterion.name === 'smell')?.found).toBe(3.5);

  // On one page of paper.
  await lead.page.getByRole('link', { name: 'On one page of paper' }).click();
  await expect(lead.page.getByRole('article', { name: 'Brock End, BE-1 on paper' })).toBeVisible();
  const pdf = (await lead.page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});
