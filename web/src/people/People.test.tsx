import type { UserRow } from '@bent-pail/contract';
import { fireEvent, screen, within, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { OwnPassword } from './OwnPassword';
import { People } from './People';
import { choose } from '../testing/choose';

const USERS: readonly UserRow[] = [
  { id: 'the-lead', name: 'Isla', role: 'lead', active: true },
  { id: 'u1', name: 'Bo', role: 'tester', active: true },
  { id: 'u2', name: 'Old Ned', role: 'reader', active: false },
];

const open = () => openPage(<People />, { answers: { '/users': USERS, '/users/u1': USERS, '/users/u2': USERS } });
const change = async (name: string): Promise<HTMLElement> => {
  fireEvent.click(await screen.findByRole('button', { name: `Change ${name}` }));
  return screen.findByRole('dialog', { name });
};

describe('people', () => {
  it('are switched off and on again, given another role, and say what came of it', async () => {
    const told = open();
    const bo = await change('Bo');
    fireEvent.click(within(bo).getByRole('button', { name: 'Switch off' }));
    expect(await within(bo).findByText(/Bo is switched off; what they wrote stays/)).toBeTruthy();
    await choose(within(bo).getByLabelText('Role'), /^reader/);
    expect(await within(bo).findByText('Bo is a reader from now on.')).toBeTruthy();
    fireEvent.keyDown(bo, { key: 'Escape' });
    const ned = await change('Old Ned');
    fireEvent.click(within(ned).getByRole('button', { name: 'Switch on again' }));
    await within(ned).findByRole('status');
    expect(told.map(({ address, body }) => [address, body])).toEqual([
      ['/users/u1', { active: false }],
      ['/users/u1', { role: 'reader' }],
      ['/users/u2', { active: true }],
    ]);
  });

  it('get a new first password, and are signed out everywhere', async () => {
    const told = open();
    const bo = await change('Bo');
    fireEvent.change(within(bo).getByLabelText('A new first password'), { target: { value: 'a pail of grey water' } });
    fireEvent.click(within(bo).getByRole('button', { name: 'Set it' }));
    expect(await within(bo).findByText(/The new password works/)).toBeTruthy();
    fireEvent.click(within(bo).getByRole('button', { name: 'Sign out everywhere' }));
    expect(await within(bo).findByText('Bo is signed out everywhere.')).toBeTruthy();
    expect(told.map(({ method, address }) => [method, address])).toEqual([
      ['PATCH', '/users/u1'],
      ['DELETE', '/users/u1/sessions'],
    ]);
  });

  it('cannot switch themselves off', async () => {
    open();
    const isla = await change('Isla');
    expect(within(isla).queryByRole('button', { name: 'Switch off' })).toBeNull();
  });

  it('are added with a first password', async () => {
    const told = open();
    const form = screen.getByRole('form', { name: 'Add a person' });
    fireEvent.change(within(form).getByLabelText('Name'), { target: { value: 'Ada' } });
    fireEvent.change(within(form).getByLabelText('A first password'), { target: { value: 'a pail of grey water' } });
    fireEvent.submit(form);
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({ address: '/users', body: { name: 'Ada', role: 'tester' } });
  });
});

it('one’s own password is changed with the present one', async () => {
  const told = openPage(<OwnPassword />, { answers: { '/me/password': {} } });
  fireEvent.change(screen.getByLabelText('Present password'), { target: { value: 'old one here' } });
  fireEvent.change(screen.getByLabelText('New password'), { target: { value: 'a pail of grey water' } });
  fireEvent.submit(screen.getByRole('form', { name: 'Your password' }));
  expect(await screen.findByText(/Changed; you are signed out everywhere else/)).toBeTruthy();
  expect(told).toEqual([
    { method: 'PUT', address: '/me/password', body: { present: 'old one here', password: 'a pail of grey water' } },
  ]);
});
