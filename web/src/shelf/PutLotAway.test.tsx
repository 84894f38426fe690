import type { LotRow } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { classRow } from '../testing/desk';
import { openPage } from '../testing/page';
import { LotWasPutAway, PutLotAway } from './PutLotAway';

const bark: LotRow = {
  ...classRow('bark-graded', 'Bark', {}),
  id: 'bark',
  code: 'BK-7',
  materialId: 'm',
  version: 3,
  materialVersion: 5,
};
const answers = { 'PATCH /lots/bark': bark, 'PATCH /materials/m': undefined };

describe('a lot that is put away', () => {
  it('is asked about first, and goes by itself on the version in view', async () => {
    const told = openPage(<PutLotAway lot={bark} />, { answers });
    await userEvent.click(screen.getByRole('button', { name: 'Put it away' }));
    expect(told).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'This lot' }));
    await waitFor(() => {
      expect(told).toEqual([{ method: 'PATCH', address: '/lots/bark', body: { version: 3, archived: true } }]);
    });
  });

  it('goes with all lots of its material where that is meant', async () => {
    const told = openPage(<PutLotAway lot={bark} />, { answers });
    await userEvent.click(screen.getByRole('button', { name: 'Put it away' }));
    await userEvent.click(screen.getByRole('button', { name: 'All lots of Bark' }));
    await waitFor(() => {
      expect(told).toEqual([{ method: 'PATCH', address: '/materials/m', body: { version: 5, archived: true } }]);
    });
  });

  it.each([
    { archived: 'lot' as const, says: /^This lot is put away/, button: 'Bring it back', address: '/lots/bark' },
    {
      archived: 'material' as const,
      says: /^All lots of Bark are put away/,
      button: 'Bring them back',
      address: '/materials/m',
    },
  ])('says so and comes back: $archived', async ({ archived, says, button, address }) => {
    const told = openPage(<LotWasPutAway lot={{ ...bark, archived }} />, { answers });
    expect(screen.getByText(says)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: button }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ address, body: { archived: false } });
    });
  });

  it('is nothing for a reader to bring back', () => {
    openPage(<LotWasPutAway lot={{ ...bark, archived: 'lot' }} />, { role: 'reader' });
    expect(screen.getByText(/This lot is put away/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
