import type { ScorecardPage as PageData } from '@bent-pail/contract';
import { lotCard, RUBRICS, scorecard, type Rating, type Rubric } from '@bent-pail/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage, type Told } from '../../testing/page';
import { ScorecardPage } from './ScorecardPage';
import { scoreSentence } from './scoreSentence';

const rubric = RUBRICS[0] as Rubric;
const bag = lotCard({
  id: 'bag',
  name: 'Moorland',
  code: 'MA-1',
  materialId: 'm',
  price: 12,
  packVolume_L: 50,
  runs: [],
});
const said = (
  criterion: string,
  rater: string,
  value: number,
  tags: readonly string[] = [],
  raterId = rater,
): Rating => ({
  criterion,
  raterId,
  rater,
  value,
  tags,
});
const ALL = [
  said('smell', 'Wyn', 8),
  said('smell', 'Petra', 4, ['sour']),
  said('look', 'Wyn', 7),
  said('look', 'Petra', 7),
  said('feel', 'Wyn', 6),
  said('feel', 'Petra', 6.5),
];

function open(ratings: readonly Rating[], role: 'lead' | 'reader' = 'lead'): readonly Told[] {
  const page: PageData = {
    row: {
      id: 'c1',
      sittingId: 'g1',
      product: { lotId: 'bag', name: 'Moorland', lotCode: 'MA-1' },
      sampleCode: 'K7',
      rubricLabel: rubric.label,
      raters: ['Wyn', 'Petra'].map((name) => ({ id: name, name, handedIn: ratings.length > 0 })),
      revealed: ratings.length > 0,
      weightIn: 1,
      missing: [],
    },
    rubric,
    card: scorecard(rubric, bag, { ratings }),
    told: { ratings },
    among: [],
    seasons: [],
    currency: '£',
  };
  return openPage(<ScorecardPage />, {
    role,
    at: '/score/cards/c1',
    path: '/score/cards/:id',
    answers: { '/scorecards/c1': page },
  });
}

describe('a card', () => {
  it('says that its raters are not in, what is missing, and where to measure it', async () => {
    open([]);
    expect(await screen.findByText(/Blind: 0 of 2 raters have handed in/)).toBeTruthy();
    expect(screen.getByText(/^Not in yet: air, holds water, pH, smell, look, feel/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Measure what the bench can give' }).getAttribute('href')).toBe(
      '/bench?lot=bag',
    );
    expect(screen.getAllByText('not in yet').length).toBeGreaterThanOrEqual(5);
    expect(screen.queryByRole('table')).toBeNull();
  });

  it('shows the price from the label, and every number with its working', async () => {
    open([]);
    expect(await screen.findByRole('button', { name: 'Price, found: 0.24 £ per L. Show working.' })).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Overall: 6\.5/ })).toBeTruthy();
  });

  it('opens who said what once all are in, with the spread', async () => {
    open(ALL);
    const petra = within(await screen.findByRole('row', { name: /^Petra/ }));
    expect(petra.getAllByRole('cell').map((cell) => cell.textContent)).toEqual(['4.0sour', '7.0', '6.5']);
    expect(screen.getByText('2 raters, ±2.8')).toBeTruthy();
  });
});

describe('two raters of one name', () => {
  it('each have their own line', async () => {
    open([said('smell', 'Petra', 8, [], 'one'), said('smell', 'Petra', 3, ['sour'], 'two')]);
    const table = await screen.findByRole('table', { name: 'Who said what' });
    expect(within(table).getAllByRole('rowheader', { name: 'Petra' })).toHaveLength(2);
    expect(within(table).getByText('8.0')).toBeTruthy();
    expect(within(table).getByText('3.0')).toBeTruthy();
  });
});

describe('marks that are far apart', () => {
  it('are talked about: what was agreed on is sent with its reason', async () => {
    const user = userEvent.setup();
    const told = open(ALL);
    await user.click(await screen.findByRole('button', { name: 'Agree on smell' }));
    await user.type(screen.getByLabelText('Agreed, 0 to 10 in halves'), '5,5');
    await user.type(screen.getByLabelText('Why'), 'smelt again');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({ criterion: 'smell', value: 5.5, reason: 'smelt again' });
    expect(screen.queryByRole('button', { name: 'Agree on look' })).toBeNull();
  });
});

describe('its sentence', () => {
  /** As if more of it had been measured. */
  const enough = (marks: readonly Rating[]) => ({ ...scorecard(rubric, bag, { ratings: marks }), weightIn: 0.7 });

  it('says nothing before anything is known', () => {
    const empty = lotCard({ id: 'bag', name: 'Moorland', code: 'MA-1', materialId: 'm', runs: [] });
    expect(scoreSentence(scorecard(rubric, empty, { ratings: [] }))).toBe('Nothing is measured or rated yet.');
  });

  it('is no word of judgement while less than half of the weight is in', () => {
    const priced = lotCard({ id: 'b', name: 'B', code: 'B-1', materialId: 'm', price: 9, packVolume_L: 10, runs: [] });
    expect(scoreSentence(scorecard(rubric, priced, { ratings: [] }))).toBe(
      'Not judged yet: only 18 % of what counts is in.',
    );
  });

  it('says that one rater alone marked it', () => {
    const marks = [said('smell', 'Wyn', 9.5), said('look', 'Wyn', 9), said('feel', 'Wyn', 8)];
    expect(scoreSentence(enough(marks))).toMatch(/One rater alone marked it\.$/);
    expect(scoreSentence(enough([...marks, said('smell', 'Petra', 8)]))).not.toMatch(/alone/);
  });

  it('names what speaks for it and what against', () => {
    const marks = [said('smell', 'Wyn', 9.5), said('look', 'Wyn', 9), said('feel', 'Wyn', 2)];
    expect(scoreSentence(enough(marks))).toMatch(
      /^For this use, a (middling|good) bag\. Best in smell, weakest in feel\. One rater alone marked it\.$/,
    );
  });

  it('says what holds it down', () => {
    const good = enough(ALL);
    const capped = { ...good, result: { ...good.result, overall: 6, cappedBy: 'air' } };
    expect(scoreSentence(capped)).toMatch(/Its air holds it at 6\.0, whatever the rest\.$/);
  });
});

describe('a card that is shared', () => {
  it('is an address, put onto the clipboard', async () => {
    const user = userEvent.setup();
    open(ALL);
    await user.click(await screen.findByRole('button', { name: /^Copy its address/ }));
    expect(await screen.findByRole('button', { name: 'Copied' })).toBeTruthy();
    expect(await navigator.clipboard.readText()).toMatch(/\/score\/cards\/c1$/);
  });

  it('has nothing to write on for a reader', async () => {
    open(ALL, 'reader');
    expect(await screen.findByText('Who said what')).toBeTruthy();
    for (const name of [/^Give another score/, /^Agree on/]) expect(screen.queryByRole('button', { name })).toBeNull();
  });
});
