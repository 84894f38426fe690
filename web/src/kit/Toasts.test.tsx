import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { beforeEach, expect, it } from 'vitest';
import { Toasts } from './Toasts';
import { tell, undoable, useToasts } from './toasts';

beforeEach(() => {
  useToasts.setState({ toasts: [] });
  render(
    <MemoryRouter>
      <Toasts />
    </MemoryRouter>,
  );
});

it('tells what happened elsewhere, with the way there, until it is closed', async () => {
  act(() => {
    tell({ title: 'Soaking is over', line: 'Pumice, PM-4', to: { address: '/bench/runs/7', words: 'To the sheet' } });
  });
  expect(await screen.findByText('Pumice, PM-4')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'To the sheet' }).getAttribute('href')).toBe('/bench/runs/7');
  await userEvent.click(screen.getByRole('button', { name: 'Close' }));
  expect(screen.queryByText('Soaking is over')).toBeNull();
});

it('offers the way back once', async () => {
  let back = 0;
  act(() => {
    undoable('Bark is taken out.', () => {
      back += 1;
    });
  });
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
  expect(back).toBe(1);
  expect(screen.queryByText('Bark is taken out.')).toBeNull();
});

it('shows the three newest', () => {
  act(() => {
    for (const n of [1, 2, 3, 4]) tell({ title: `number ${String(n)}` });
  });
  expect(useToasts.getState().toasts.map(({ title }) => title)).toEqual(['number 2', 'number 3', 'number 4']);
});
