import { render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { expect, it, vi } from 'vitest';
import { later } from './later';

const Part = ({ of }: { readonly of: string }): ReactElement => <p>The part of {of}.</p>;

it('a part comes with its first use, and a word stands in its place until then', async () => {
  const load = vi.fn(async () => Promise.resolve(Part));
  const Later = later(load);
  expect(load).not.toHaveBeenCalled();
  render(<Later of="the lot" />);
  expect(screen.getByText('One moment.')).toBeTruthy();
  expect(await screen.findByText('The part of the lot.')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

it('a part whose script does not come leaves the rest of the page, and says so', async () => {
  const Later = later<{ readonly of: string }>(async () => Promise.reject(new Error('away')), null);
  render(
    <main>
      <h1>The lot</h1>
      <Later of="the lot" />
    </main>,
  );
  expect((await screen.findByRole('alert')).textContent).toContain('did not come over the network');
  expect(screen.getByText('The lot')).toBeTruthy();
});

it('what does not come when it is asked for ahead is asked for again when it is used', async () => {
  const load = vi.fn(async () => Promise.resolve(Part));
  load.mockRejectedValueOnce(new Error('away'));
  const Later = later(load);
  Later.fetch();
  render(<Later of="the pot" />);
  expect(await screen.findByText('The part of the pot.')).toBeTruthy();
});
