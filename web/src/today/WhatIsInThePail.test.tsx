import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { WhatIsInThePail } from './WhatIsInThePail';

describe('a first run by one name', () => {
  const open = async (name: string) => {
    const user = userEvent.setup();
    const told = openPage(<WhatIsInThePail />, { answers: { 'POST /quick-start': { id: 'run' } } });
    await user.type(screen.getByLabelText('What is in the pail?'), name);
    return { user, told };
  };
  const start = (user: ReturnType<typeof userEvent.setup>) =>
    user.click(screen.getByRole('button', { name: 'Start a run' }));

  it('shows what its name is read as before anything rests on it', async () => {
    const { user, told } = await open('coco peat');
    expect(screen.getByRole('status').textContent).toMatch(/^Read as Coir pith/);
    await start(user);
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ name: 'coco peat', kindOpen: false });
    });
  });

  it('leaves its kind open where somebody says that it is something else', async () => {
    const { user, told } = await open('coco peat');
    await user.click(screen.getByRole('button', { name: 'It is something else' }));
    expect(screen.getByRole('status').textContent).toMatch(/^Its kind stays open/);
    await start(user);
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ kindOpen: true });
    });
  });

  it('asks nothing of a name that says nothing', async () => {
    await open('the grey stuff');
    expect(screen.queryByRole('status')).toBeNull();
    expect(screen.getByText(/asked on its card/)).toBeTruthy();
  });
});
