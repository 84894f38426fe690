import type { LotRow } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { LabelText } from './LabelText';

const lot = { id: 'lot', version: 4 } as unknown as LotRow;

describe('what the label says', () => {
  it('is copied off, and emptied again where it was wrong', async () => {
    const user = userEvent.setup();
    const told = openPage(<LabelText lot={{ ...lot, labelAnalysis: 'N 1 %' }} works />);
    expect(screen.getByText('N 1 %')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Change it' }));
    await user.type(screen.getByLabelText(/^Ingredients/), 'Bark, wood fibre, lime');
    await user.clear(screen.getByLabelText(/^Analysis/));
    await user.click(screen.getByRole('button', { name: /Keep/ }));
    await waitFor(() => {
      expect(told).toEqual([
        {
          method: 'PATCH',
          address: '/lots/lot',
          body: { version: 4, labelIngredients: 'Bark, wood fibre, lime', labelAnalysis: null },
        },
      ]);
    });
  });

  it('is only read by a reader', () => {
    openPage(<LabelText lot={lot} works={false} />);
    expect(screen.getByText(/not copied off yet/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
