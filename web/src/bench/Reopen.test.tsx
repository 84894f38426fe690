import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { openSheetOf, PUMICE, sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { Reopen } from './Reopen';

it('opens a finished run again for a reason that is said', async () => {
  const user = userEvent.setup();
  const told = openPage(<Reopen sheet={sheetOf('saturate-drain-dry', PUMICE)} />);
  await user.click(screen.getByRole('button', { name: 'Open it again' }));
  await user.type(screen.getByLabelText('Why it is opened again'), 'one vessel was not read');
  await user.click(screen.getByRole('button', { name: /^Open it; it counts nowhere/ }));
  await waitFor(() => {
    expect(told).toMatchObject([{ address: '/runs/run/reopen', body: { reason: 'one vessel was not read' } }]);
  });
});

it('is not offered on an open sheet, nor to who only reads', () => {
  openPage(<Reopen sheet={openSheetOf('saturate-drain-dry', PUMICE)} />);
  expect(screen.queryByRole('button')).toBeNull();
  openPage(<Reopen sheet={sheetOf('saturate-drain-dry', PUMICE)} />, { role: 'reader' });
  expect(screen.queryByRole('button')).toBeNull();
});
