import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { blendRow, classRow, SHELF, thinkHere } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { ComparePage } from './ComparePage';
import { choose } from '../../testing/choose';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));

const ID = '0190a000-0000-7000-8000-00000000000';
const rows = [
  blendRow(`${ID}1`, 'Scree', [{ lotId: 'pumice-coarse', parts: 1 }]),
  blendRow(`${ID}2`, 'Wet mix', [{ lotId: 'coir-pith', parts: 1 }]),
  blendRow(`${ID}3`, 'Wetter mix', [
    { lotId: 'coir-pith', parts: 40 },
    { lotId: 'perlite-coarse', parts: 1 },
  ]),
];
const open = (...ids: readonly string[]): void => {
  openPage(<ComparePage />, {
    at: `/blend/compare?with=${ids.map((id) => `blend:${ID}${id}`).join(',')}`,
    path: '/blend/compare',
    answers: lists({ lots: SHELF, blends: rows }),
  });
};
const density = async () => within(await screen.findByRole('row', { name: /^Dry bulk density/ }));

it('asks which two where none is named', async () => {
  open();
  expect(await screen.findByText('Which two would you compare?')).toBeTruthy();
});

it('marks what differs beyond both bands, and nothing else', async () => {
  open('1', '2', '3');
  const row = await density();
  expect(await row.findByText('≠ B C')).toBeTruthy();
  // Two mixes of almost the same coir cannot be told apart.
  expect(row.getAllByText('≠ A')).toHaveLength(2);
});

it('names a lot of which nothing is known, instead of leaving it out in silence', async () => {
  const { component: _known, ...unknown } = classRow('perlite-coarse', 'Sweepings', { id: `${ID}8`, code: 'SW-1' });
  openPage(<ComparePage />, {
    at: `/blend/compare?with=blend:${ID}1,lot:${ID}8`,
    path: '/blend/compare',
    answers: lists({ lots: [...SHELF, unknown], blends: rows }),
  });
  expect(await screen.findByText('Left out, for nothing is known of it yet: Sweepings, SW-1.')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Scree' })).toBeTruthy();
});

it('puts another one beside, and takes one away', async () => {
  const user = userEvent.setup();
  open('1');
  await screen.findByRole('link', { name: 'Scree' });
  await choose(screen.getByLabelText('Put another one beside'), 'Wet mix', user);
  expect(await screen.findByRole('link', { name: 'Wet mix' })).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'take away Scree' }));
  expect(screen.queryByRole('link', { name: 'Scree' })).toBeNull();
});

it('opens the working of a figure once it is there', async () => {
  open('1', '2');
  const row = await density();
  const [figure] = await row.findAllByRole('button', { name: /^Dry bulk density: .* Show working/ });
  expect(figure?.getAttribute('data-working')).toBe('bands.bulkDensity_gcc');
});
