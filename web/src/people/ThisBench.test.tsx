import { fireEvent, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { ThisBench } from './ThisBench';

it('lets the lead write what a scoop holds here, and sends all of it', async () => {
  const told = openPage(<ThisBench />);
  fireEvent.change(screen.getByLabelText('scoop, L'), { target: { value: '1,4' } });
  fireEvent.change(screen.getByLabelText('Currency sign'), { target: { value: '€' } });
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
  expect(await screen.findByText('Kept.')).toBeTruthy();
  expect(told).toEqual([
    {
      method: 'PATCH',
      address: '/notebook',
      body: {
        version: 1,
        place: 'Tollgarth',
        currency: '€',
        zone: 'UTC',
        hours: { from_h: 7, to_h: 17 },
        measures: { scoop: 1.4, bucket: 10, barrow: 80, handful: 0.08 },
      },
    },
  ]);
});

it('says which size is no number, and sends nothing', async () => {
  const told = openPage(<ThisBench />);
  fireEvent.change(screen.getByLabelText('barrow, L'), { target: { value: 'big' } });
  fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
  await screen.findByRole('alert');
  expect(screen.getByLabelText('barrow, L').getAttribute('aria-invalid')).toBe('true');
  expect(told).toEqual([]);
});

it('shows the others what it holds, without a form', () => {
  openPage(<ThisBench />, { role: 'tester' });
  expect(screen.getByText('0.08 L')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Keep' })).toBeNull();
});
