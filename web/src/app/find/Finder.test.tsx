import type { Me } from '@bent-pail/contract';
import { METRIC } from '@bent-pail/core';
import { QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import { useFind } from '../../shared/findStore';
import { queryClient } from '../../shared/resources/client';
import { Finder } from './Finder';

const ME: Me = { id: 'isla', name: 'Isla', role: 'lead', singleKeys: true, units: METRIC };

it('the box takes what is typed before its script is there, and goes on with it', async () => {
  render(
    <MemoryRouter>
      <QueryClientProvider client={queryClient}>
        <Finder me={ME} />
      </QueryClientProvider>
    </MemoryRouter>,
  );
  expect(screen.queryByLabelText('Find anything')).toBeNull();
  act(() => {
    useFind.getState().setOpen(true);
  });
  expect(document.activeElement).toBe(screen.getByLabelText('Find anything'));
  await userEvent.keyboard('bench');
  expect(await screen.findByRole('combobox')).toHaveProperty('value', 'bench');
  expect((await screen.findAllByRole('option')).length).toBeGreaterThan(0);
});
