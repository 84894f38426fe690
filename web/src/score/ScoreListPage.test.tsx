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
  { id: 's1', name: 'Group K', role: 'student', active: true },
];
const card: ScorecardRow = {
  id: 'c1',
  lotId: idOf('bag'),
  productName: 'Moorland All Round',
  lotCode: 'MA-1',
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
  sampleCode: 'K7',
  rubricLabel: 'Pots, all-round',
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
    expect(row.getByText('smell, look')).toBeTruthy();
    expect(row.getByText('none yet')).toBeTruthy();
    expect(screen.getByText('1 of 3 scored')).toBeTruthy();
  });

  it('show a panellist the own sheets and nothing else', async () => {
    openPage(<ScoreListPage />, { answers, role: 'panellist' });
    expect(await screen.findByRole('link', { name: /K7/ })).toBeTruthy();
    expect(screen.queryByText('Moorland All Round, MA-1')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Judge a product' })).toBeNull();
  });

  it('say so when no sample waits', async () => {
    openPage(<ScoreListPage />, { answers: { ...answers, ...lists({}) }, role: 'panellist' });
    expect(await screen.findByText('No sample waits for you.')).toBeTruthy();
  });
});

describe('judging a product', () => {
  const start = (more: object = {}) =>
    openPage(<ScoreListPage />, { answers: { ...answers, ...more }, at: '/score?start', path: '/score', role: 'lead' });

  it('sends which product, by which rubric, under which code, rated by whom', async () => {
    const user = userEvent.setup();
    const told = start();
    const form = within(await screen.findByRole('form', { name: 'Judge a product' }));
    // Panellists stand chosen; readers and students never rate.
    expect(isTicked(form.getByLabelText('Wyn'))).toBe(true);
    expect(isTicked(form.getByLabelText('Tam'))).toBe(false);
    expect(form.queryByLabelText('Visitor')).toBeNull();
    expect(form.queryByLabelText('Group K')).toBeNull();
    await user.click(form.getByLabelText('Tam'));
    await user.click(form.getByLabelText('Petra'));
    const code = form.getByLabelText('Blind code');
    await user.clear(code);
    await user.type(code, 'B2 ');
    await user.click(form.getByRole('button', { name: 'Open the card' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told).toEqual([
      {
        method: 'POST',
        address: '/scorecards',
        body: expect.objectContaining({
          lotId: idOf('bag'),
          rubric: 'pots-all-round',
          sampleCode: 'B2',
          raterIds: [idOf('p1'), idOf('t1')],
        }) as object,
      },
    ]);
  });

  it('leads to the shelf where no product stands on it', async () => {
    start(lists({ lots: [classRow('peat-light', 'Peat')] }));
    expect(await screen.findByRole('link', { name: 'Put one there' })).toBeTruthy();
  });
});
