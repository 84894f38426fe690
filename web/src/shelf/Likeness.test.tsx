import type { LotRow } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { Likeness } from './Likeness';

const lot = { id: 'lot', name: 'The grey stuff', code: '1', version: 3 } as unknown as LotRow;

it('stuff that nobody can name is described by what one sees and feels', async () => {
  const user = userEvent.setup();
  const told = openPage(<Likeness lot={lot} />);
  await user.click(screen.getByRole('button', { name: 'Say what it is like' }));
  await user.click(screen.getByLabelText('peas'));
  expect(screen.getByRole('img', { name: /about 6 mm/ })).toBeTruthy();
  await user.click(screen.getByLabelText(/like stone/));
  await user.click(screen.getByLabelText(/^little: it runs through/));
  await user.click(screen.getByRole('button', { name: 'It is like that' }));
  await waitFor(() => {
    expect(told).toEqual([
      { method: 'PATCH', address: '/lots/lot', body: { version: 3, classId: 'like:pea.stone.little' } },
    ]);
  });
});

it('starts with what was said before', async () => {
  const user = userEvent.setup();
  openPage(<Likeness lot={{ ...lot, classId: 'like:dust.feather.much' }} />);
  await user.click(screen.getByRole('button', { name: 'Say what it is like' }));
  expect(screen.getByLabelText(/^dust/).getAttribute('data-state')).toBe('checked');
  expect(screen.getByLabelText(/^hardly anything/).getAttribute('data-state')).toBe('checked');
});
