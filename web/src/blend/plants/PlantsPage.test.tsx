import type { PlantRow } from '@bent-pail/contract';
import { TARGET_PROFILES } from '@bent-pail/core';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { blendRow, SHELF, thinkHere } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage, type Told } from '../../testing/page';
import { PlantPage } from './PlantPage';
import { PlantsPage } from './PlantsPage';
import { choose } from '../../testing/choose';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));

const ID = '0190a000-0000-7000-8000-00000000000';
const HOUSELEEK = `${ID}8`;
const LETTUCE = `${ID}9`;
const LAVENDER = `${ID}7`;
const plant = (id: string, name: string, profileId: string): PlantRow => ({
  id,
  name,
  profileId,
  climate: 'summer',
  light: 'full sun',
  keeps: ['coir-pith'],
  version: 1,
});
const open = (id: string): readonly Told[] =>
  openPage(id === '' ? <PlantsPage /> : <PlantPage />, {
    role: 'tester',
    at: `/blend/plants/${id}`,
    path: id === '' ? '*' : '/blend/plants/:id',
    answers: {
      '/plants': [plant(HOUSELEEK, 'Houseleek', 'arid-succulents'), plant(LETTUCE, 'Lettuce', 'seed-plugs')],
      '/plants?away=yes': [{ ...plant(LAVENDER, 'Lavender', 'seed-plugs'), archived: true }],
      '/profiles': TARGET_PROFILES,
      ...lists({
        lots: SHELF,
        blends: [
          blendRow(`${ID}1`, 'Wet mix', [{ lotId: 'coir-pith', parts: 1 }]),
          blendRow(`${ID}2`, 'Scree', [{ lotId: 'pumice-coarse', parts: 1 }]),
        ],
      }),
    },
  });

it('ranks what there is for the plant that is chosen, with days', async () => {
  open(HOUSELEEK);
  const suits = within(await screen.findByRole('region', { name: 'What suits it' }));
  expect(await screen.findByText(/Kept for it: Coir/)).toBeTruthy();
  const rows = await suits.findAllByRole('row');
  expect(rows[1]?.textContent).toMatch(/^Scree.*\d d/);
});

it('sends a changed plant whole, with the version that was changed', async () => {
  const user = userEvent.setup();
  const told = open(HOUSELEEK);
  await user.click(await screen.findByRole('button', { name: 'Change this plant' }));
  await choose(screen.getByLabelText('Where it stands'), /wind/i, user);
  await user.click(screen.getByRole('button', { name: 'release it' }));
  await user.click(screen.getByRole('button', { name: 'Keep it' }));
  await waitFor(() => {
    expect(told).toHaveLength(1);
  });
  expect(told[0]).toMatchObject({
    address: '/plants',
    body: { id: HOUSELEEK, version: 1, climate: 'wind', keeps: [] },
  });
});

it('stand together by their use, and lead to what suits them', async () => {
  open('');
  await choose(await screen.findByLabelText('Together by'), 'use');
  const rows = screen.getAllByRole('row').map(({ textContent }) => textContent);
  expect(rows).toContainEqual(expect.stringMatching(/^Seed and plugs 1$/));
  expect(screen.getByRole('link', { name: 'Lettuce' }).getAttribute('href')).toBe(`/blend/plants/${LETTUCE}`);
});

it('is put away from its page, and opens there to be brought back', async () => {
  const user = userEvent.setup();
  const told = open(HOUSELEEK);
  await user.click(await screen.findByRole('button', { name: 'Put it away' }));
  await user.click(screen.getAllByRole('button', { name: 'Put it away' }).at(-1) as HTMLElement);
  await waitFor(() => {
    expect(told).toEqual([{ method: 'PATCH', address: `/plants/${HOUSELEEK}`, body: { archived: true } }]);
  });
});

it('is found among those that were put away, and brought back from its page', async () => {
  open('');
  await choose(await screen.findByLabelText('Shown'), 'put away');
  expect((await screen.findByRole('link', { name: 'Lavender' })).getAttribute('href')).toBe(
    `/blend/plants/${LAVENDER}`,
  );
  expect(screen.queryByRole('link', { name: 'Lettuce' })).toBeNull();
});

it('says that it is put away where it is opened, and cannot be changed before it is back', async () => {
  const told = open(LAVENDER);
  expect(await screen.findByText(/^Lavender is put away/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Change this plant' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Bring it back' }));
  await waitFor(() => {
    expect(told).toEqual([{ method: 'PATCH', address: `/plants/${LAVENDER}`, body: { archived: false } }]);
  });
});
