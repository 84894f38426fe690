import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { blendRow } from '../../testing/desk';
import { idOf } from '../../testing/ids';
import { AMERICAN, openPage } from '../../testing/page';
import { MakeBatch } from './MakeBatch';

it('a batch that nobody changes is made of the sheet’s litres, whatever unit its field shows', async () => {
  const { latest } = blendRow(idOf('blend'), 'Tub mix', [{ lotId: 'bark-graded', parts: 1 }]);
  const told = openPage(<MakeBatch blendId={idOf('blend')} version={latest} made_L={120} />, { units: AMERICAN });
  expect(screen.getByLabelText<HTMLInputElement>('Made, cu ft').value).toBe('120 L');
  await userEvent.setup().click(screen.getByRole('button', { name: /mixed|Mix|made/i }));
  await waitFor(() => {
    expect(told).toHaveLength(1);
  });
  expect(told[0]?.body.made_L).toBe(120);
});
