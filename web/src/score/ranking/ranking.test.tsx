import type { RankingPage as Ranking } from '@bent-pail/contract';
import { rank, RUBRICS, type RankInput, type Rubric } from '@bent-pail/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { openPage } from '../../testing/page';
import { rubricRows } from '../../testing/rubrics';
import { worthwhile } from './priceChart';
import { RankingPage } from './RankingPage';

const asked: RankInput[] = [];
vi.mock('./ranker', () => ({
  startRanker: () => ({
    rank: (input: RankInput) => {
      asked.push(input);
      return Promise.resolve(rank({ ...input, draws: 400 }));
    },
    end: () => undefined,
  }),
}));

const [pots, seed] = RUBRICS as readonly [Rubric, Rubric];
const product = (name: string, price: number, smell: readonly number[], air?: number): Ranking['products'][number] => ({
  cardId: `card-${name}`,
  lotId: `lot-${name}`,
  name: `${name}, A-1`,
  criteria: [
    { name: 'price', value: price },
    { name: 'smell', raters: [...smell] },
    { name: 'look', raters: [...smell] },
    ...(air === undefined ? [] : [{ name: 'air', value: air }]),
  ],
});
const PAGE: Ranking = {
  rubric: pots,
  currency: '£',
  products: [
    product('Fell', 0.2, [8, 8.5], 0.2),
    product('Tarn', 0.3, [6, 5], 0.2),
    product('Moss', 0.12, [3, 4], 0.2),
  ],
};
const answers = {
  '/rubrics': rubricRows(),
  [`/rubrics/${pots.key}/ranking`]: PAGE,
  [`/rubrics/${seed.key}/ranking`]: { ...PAGE, rubric: seed, products: [] },
};

describe('the ranking', () => {
  it('has every product in order, with how sure it is, and whom it is level with', async () => {
    openPage(<RankingPage />, { answers });
    const first = await screen.findByRole('row', { name: /^1 Fell/ });
    expect(within(first).getByRole('link').getAttribute('href')).toBe('/score/cards/card-Fell');
    expect(within(first).getByRole('img', { name: /^Fell, A-1: \d/ })).toBeTruthy();
    const shares = screen
      .getAllByRole('row')
      .slice(1)
      .map((row) => row.textContent);
    expect(shares).toHaveLength(3);
    expect(screen.getByText(/left out of the order: holds water, ph, feel/i)).toBeTruthy();
  });

  it('draws price against score, and names those that nobody beats in both', async () => {
    openPage(<RankingPage />, { answers });
    expect(await screen.findByText(/cheaper and better at once than Moss and Fell|than Fell/)).toBeTruthy();
  });

  it('weighs anew as the slider moves', async () => {
    openPage(<RankingPage />, { answers });
    await screen.findByRole('row', { name: /^1 Fell/ });
    const before = asked.length;
    screen.getByRole('slider', { name: 'How near others weigh to the rubric' }).focus();
    await userEvent.setup().keyboard('{ArrowLeft}');
    expect(asked.length).toBeGreaterThan(before);
    expect(asked.at(-1)?.concentration).toBeLessThan(50);
  });

  it('says what to do where nothing is judged yet', async () => {
    openPage(<RankingPage />, { answers, at: `/score/ranking?by=${seed.key}`, path: '/score/ranking' });
    expect(await screen.findByText('No product has a card yet.')).toBeTruthy();
  });
});

describe('a product that is hardly judged', () => {
  it('takes no part until it is ticked, so that the others keep what they have', async () => {
    const poor = { ...product('Bare', 0.1, []), criteria: [{ name: 'price', value: 0.1 }] };
    const page = { ...PAGE, products: [...PAGE.products, poor] };
    openPage(<RankingPage />, { answers: { ...answers, [`/rubrics/${pots.key}/ranking`]: page } });
    await screen.findByRole('row', { name: /^1 Fell/ });
    expect(screen.queryByRole('row', { name: /Bare/ })).toBeNull();
    await userEvent.setup().click(screen.getByLabelText('Bare, A-1 (18 % is in)'));
    expect(await screen.findByRole('row', { name: /^1 Bare/ })).toBeTruthy();
  });
});

describe('what is worth its price', () => {
  it('is beaten by nobody in both', () => {
    const judged = [
      { name: 'a', place: 1, pricePerL: 0.1, overall: 4 },
      { name: 'b', place: 2, pricePerL: 0.2, overall: 3.9 },
      { name: 'c', place: 3, pricePerL: 0.3, overall: 8 },
      { name: 'd', place: 4, pricePerL: 0.3, overall: 7 },
    ];
    expect(worthwhile(judged).map(({ name }) => name)).toEqual(['a', 'c']);
  });
});
