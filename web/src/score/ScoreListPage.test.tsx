import type { ScorecardRow, SheetRow } from '@bent-pail/contract';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { rubricRows } from '../testing/rubrics';
import { openPage } from '../testing/page';
import { idOf } from '../testing/ids';
import { ScoreListPage } from './ScoreListPage';
import { isTicked } from '../testing/choose';

const bag = { ...classRow('peat-light', 'Moorland All Round', { kind: 'product' }), id: idOf('bag') };
const people = [
  { id: idOf('p1'), name: 'Wyn', role: 'panellist', active: true },
  { id: 'p2', name: 'Petra', role: 'panellist', active: true },
  { id: idOf('t1'), name: 'Tam', role: 'tester', active: true },
  { id: 'r1', name: 'Visitor', role: 'reader', active: true },
];
const card: ScorecardRow = {
  id: 'c1',
  sittingId: 'g1',
  product: { lotId: idOf('bag'), name: 'Moorland All Round', lotCode: 'MA-1' },
  sampleCode: 'K7',
  rubricLabel: 'Pots, all-round',
  raters: [
    { id: 'w', name: 'Wyn', handedIn: true },
    { id: 'p', name: 'Petra', handedIn: false },
  ],
  revealed: false,
  weightIn: 0.7,
  missing: ['smell', 'look'],
};
const sheet: SheetRow = {
  scorecardId: 'c1',
  sittingLabel: 'Spring bags',
  sampleCode: 'K7',
  rubricLabel: 'Pots, all-round',
  excused: false,
  marked: 1,
  criteria: 3,
  handedIn: false,
  raters: 2,
  ratersIn: 1,
};
const answers = {
  ...lists({ scorecards: [card], lots: [bag], sheets: [sheet] }),
  '/users': people,
  '/rubrics': rubricRows(),
};

describe('cards and sheets', () => {
  it('say how many raters are in and what is missing, and keep an open card’s mark back', async () => {
    openPage(<ScoreListPage />, { answers, role: 'tester' });
    const row = within(await screen.findByRole('row', { name: /Moorland All Round/ }));
    expect(row.getByText('blind: 1 of 2 in')).toBeTruthy();
    expect(row.getByText('smell and look')).toBeTruthy();
    expect(row.getByText('none yet')).toBeTruthy();
    expect(screen.getByText('1 of 3 scored')).toBeTruthy();
  });

  it('cover the product, its pail and its score for whoever judges it', async () => {
    const { product: _hidden, ...covered } = card;
    const more = lists({ scorecards: [covered], lots: [bag], sheets: [sheet] });
    openPage(<ScoreListPage />, { answers: { ...answers, ...more }, role: 'tester' });
    const row = within(await screen.findByRole('row', { name: /Sample K7/ }));
    expect(row.getByText(/covered while you judge it/)).toBeTruthy();
    expect(row.getByRole('link', { name: /Sample K7/ }).getAttribute('href')).toBe('/score/sheets/c1');
    expect(screen.queryByText(/Moorland All Round, MA-1/)).toBeNull();
  });

  it('show a panellist the own sheets and nothing else', async () => {
    openPage(<ScoreListPage />, { answers, role: 'panellist' });
    expect(await screen.findByRole('link', { name: /K7/ })).toBeTruthy();
    expect(screen.queryByText('Moorland All Round, MA-1')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Judge products' })).toBeNull();
  });

  it('say so when no sample waits', async () => {
    openPage(<ScoreListPage />, { answers: { ...answers, ...lists({}) }, role: 'panellist' });
    expect(await screen.findByText('No sample waits for you.')).toBeTruthy();
  });
});

describe('judging a product', () => {
  const start = (more: object = {}) =>
    openPage(<ScoreListPage />, { answers: { ...answers, ...more }, at: '/score?start', path: '/score', role: 'lead' });

  it('sends which products, by which rubric, rated by whom, with what is known of a warm-up', async () => {
    const user = userEvent.setup();
    const told = start();
    const form = within(await screen.findByRole('form', { name: 'Judge products' }));
    // Panellists stand chosen; readers never rate.
    expect(isTicked(form.getByLabelText('Wyn'))).toBe(true);
    expect(isTicked(form.getByLabelText('Tam'))).toBe(false);
    expect(form.queryByLabelText('Visitor')).toBeNull();
    expect(form.queryByLabelText('Group K')).toBeNull();
    await user.click(form.getByLabelText('Tam'));
    await user.click(form.getByLabelText('Petra'));
    const open = form.getByRole('button', { name: 'Open the sitting' });
    expect(open.hasAttribute('disabled')).toBe(true);
    await user.click(form.getByRole('combobox', { name: 'Product' }));
    await user.click(await screen.findByRole('option', { name: /Moorland All Round/ }));
    await user.click(form.getByLabelText(/^Begin with a warm-up/));
    await user.type(form.getByLabelText('What it is'), 'leaf mould ');
    await user.type(form.getByLabelText('Smell, known'), '7,5');
    await user.click(open);
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told).toEqual([
      {
        method: 'POST',
        address: '/sittings',
        body: {
          id: expect.any(String) as string,
          rubric: 'pots-all-round',
          samples: [{ id: expect.any(String) as string, lotId: idOf('bag') }],
          raterIds: [idOf('p1'), idOf('t1')],
          warmUp: { sampleCode: 'WU', what: 'leaf mould ', known: [{ criterion: 'smell', value: 7.5 }] },
        },
      },
    ]);
  });

  it('leads to the shelf where no product stands on it', async () => {
    start(lists({ lots: [classRow('peat-light', 'Peat')] }));
    expect(await screen.findByRole('link', { name: 'Put one there' })).toBeTruthy();
  });
});
