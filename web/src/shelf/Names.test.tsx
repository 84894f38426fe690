import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { classRow } from '../testing/desk';
import { openPage } from '../testing/page';
import { Names } from './Names';

it('local names are the material’s: typed parted by commas, sent on the version that was looked at', async () => {
  const lot = classRow('pumice-coarse', 'Pumice 3-8 mm', { aliases: ['bims'], materialVersion: 4 });
  const user = userEvent.setup();
  const told = openPage(<Names lot={lot} />);
  await user.click(screen.getByRole('button', { name: 'What it is called' }));
  const names = screen.getByLabelText('Also called, parted by commas');
  await user.type(names, ', the grey stuff,  ');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => {
    expect(told).toHaveLength(1);
  });
  expect(told[0]).toMatchObject({
    method: 'PATCH',
    address: `/materials/${lot.materialId}`,
    body: { version: 4, name: 'Pumice 3-8 mm', aliases: ['bims', 'the grey stuff'] },
  });
});
