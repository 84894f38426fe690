import { screen, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import { blendRow, SHELF } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { firstWant, wantFrom, wantParams } from '../panels/want';
import { BatchSheetPage } from './BatchSheetPage';

const row = blendRow('0190a000-0000-7000-8000-000000000001', 'Tub mix', [
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'coir-pith', parts: 1 },
]);
const open = (search: string, n = '1'): void => {
  openPage(<BatchSheetPage />, {
    at: `/blend/${row.id}/versions/${n}/sheet?${search}`,
    path: '/blend/:id/versions/:n/sheet',
    answers: {
      [`/blends/${row.id}`]: { id: row.id, name: row.name, versions: [row.latest] },
      ...lists({ lots: SHELF, blends: [row] }),
    },
  });
};

it('a want goes through the address and comes back', () => {
  const want = { ...firstWant(), kind: 'bed' as const, length_m: '4.5' };
  expect(wantFrom(new URLSearchParams(wantParams(want)))).toEqual(want);
  expect(wantFrom(new URLSearchParams('kind=magic'))).toEqual(firstWant());
});

it('says what to take and leaves room for what was really taken, with the cautions', async () => {
  open('kind=pots&pots=10&potVolume_L=2&settling=10');
  const sheet = within(await screen.findByRole('article', { name: 'Batch sheet of Tub mix' }));
  expect(sheet.getByText(/^10 pots of 2 L: \d+ L loose make 22 L\.$/)).toBeTruthy();
  const bark = within(sheet.getByRole('row', { name: /^Bark, BARK/ }));
  expect(bark.getAllByRole('cell').at(-1)?.textContent).toBe('');
  expect(sheet.getByText(/respirator/)).toBeTruthy();
  expect(sheet.getByRole('row', { name: /^Moisten .* 16 h before/ })).toBeTruthy();
});

it('says what is missing instead of an empty sheet', async () => {
  open('kind=pots&pots=');
  expect(await screen.findByText(/Fill in how much on the desk/)).toBeTruthy();
  open('', '9');
  expect(await screen.findByText('This blend has no such version.')).toBeTruthy();
});
