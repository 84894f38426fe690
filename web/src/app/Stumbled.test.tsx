import { render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Stumbled } from './Stumbled';

function Broken(): ReactElement {
  throw new Error('a figure was not there');
}

beforeEach(() => {
  // React tells the console of every error that a boundary catches.
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  vi.spyOn(console, 'warn').mockImplementation(() => undefined);
});
afterEach(() => {
  vi.restoreAllMocks();
});

it('a page that breaks says so in a sentence, and offers two ways on', async () => {
  const router = createMemoryRouter([{ path: '/', element: <Broken />, errorElement: <Stumbled /> }]);
  render(<RouterProvider router={router} />);
  expect(await screen.findByText('This page stumbled.')).toBeTruthy();
  expect(screen.getByText(/a figure was not there/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Back to the door' }).getAttribute('href')).toBe('/');
});
