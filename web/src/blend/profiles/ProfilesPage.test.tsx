import type { ProfileRow } from '@bent-pail/contract';
import { TARGET_PROFILES } from '@bent-pail/core';
import { cleanup, screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage, type Told } from '../../testing/page';
import { ProfilePage } from './ProfilePage';
import { ProfilesPage } from './ProfilesPage';
import { choose } from '../../testing/choose';

const [first] = TARGET_PROFILES;
const own: ProfileRow = {
  ...(first as ProfileRow),
  id: '0190a000-0000-7000-8000-000000000001',
  label: 'Ours',
  own: { version: 2, by: 'Tam Oswin' },
};
const old: ProfileRow = { ...own, id: '0190a000-0000-7000-8000-000000000002', label: 'Of old', archived: true };
const answers = { '/profiles': [...TARGET_PROFILES, own], '/profiles?away=yes': [old] };
const open = (id: string, role: 'tester' | 'reader' = 'tester'): readonly Told[] =>
  openPage(<ProfilePage />, { role, answers, at: `/blend/uses/${id}`, path: '/blend/uses/:id' });
const press = async (act: string): Promise<ReturnType<typeof userEvent.setup>> => {
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name: act }));
  return user;
};

it('stand in a table, found by a word and sorted by what they ask', async () => {
  openPage(<ProfilesPage />, { answers });
  const user = userEvent.setup();
  const names = (): string[] => screen.getAllByRole('rowheader').map(({ textContent }) => textContent);
  expect((await screen.findAllByRole('rowheader')).length).toBe(TARGET_PROFILES.length + 1);
  await user.click(screen.getByRole('button', { name: 'air' }));
  const asked = names().map((name) => {
    const profile = TARGET_PROFILES.find(({ label }) => name.startsWith(label));
    return profile?.targets.find(({ property }) => property === 'air')?.ideal[0] ?? -1;
  });
  const known = asked.filter((ideal) => ideal >= 0);
  expect(known).toEqual(known.toSorted((a, b) => b - a));
  await user.type(screen.getByRole('searchbox'), 'ours');
  await waitFor(() => {
    expect(names()).toEqual([expect.stringMatching(/^Ours/)]);
  });
});

describe('uses', () => {
  it('show what each asks, with its limits and its basis', async () => {
    open('seed-plugs', 'reader');
    const asks = within(await screen.findByRole('region', { name: 'What it asks' }));
    const air = TARGET_PROFILES.find(({ id }) => id === 'seed-plugs')?.targets.find(
      ({ property }) => property === 'air',
    );
    expect(asks.getByRole('row', { name: /^Air space/ }).textContent).toContain(String(air?.ideal[0]));
    expect(screen.queryByRole('button', { name: 'Make a copy to change' })).toBeNull();
  });

  it('are copied before they are changed, and then kept as one’s own', async () => {
    const told = open('seed-plugs');
    const user = await press('Make a copy to change');
    await user.clear(screen.getByLabelText('Air space, tolerates to'));
    await user.click(screen.getByLabelText('Air space is a must'));
    await user.click(screen.getByRole('button', { name: 'Do not ask for EC, 1:2 at 25 °C' }));
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    const [{ address, body }] = told as [Told];
    expect(address).toBe('/profiles');
    expect(body).toMatchObject({ version: 0, label: 'Seed and plugs, ours', basis: 'bench lore' });
    const targets = body.targets as { property: string; limits: unknown[]; must?: boolean }[];
    expect(targets.find(({ property }) => property === 'air')).toMatchObject({ limits: [0.02, null], must: true });
    expect(targets.map(({ property }) => property)).not.toContain('ec_dSm');
  });

  it('of one’s own are changed in place', async () => {
    const told = open(own.id);
    const user = await press('Change it');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(told[0]?.body).toMatchObject({ id: own.id, version: 2, label: 'Ours' });
  });

  it('of one’s own are put away, built in ones are not', async () => {
    const told = open(own.id);
    const user = await press('Put it away');
    await user.click(screen.getAllByRole('button', { name: 'Put it away' }).at(-1) as HTMLElement);
    await waitFor(() => {
      expect(told).toEqual([{ method: 'PATCH', address: `/profiles/${own.id}`, body: { archived: true } }]);
    });
    cleanup();
    open('seed-plugs');
    expect(await screen.findByRole('button', { name: 'Make a copy to change' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Put it away' })).toBeNull();
  });

  it('that were put away open by their address, and come back', async () => {
    const told = open(old.id);
    await press('Bring it back');
    await waitFor(() => {
      expect(told).toEqual([{ method: 'PATCH', address: `/profiles/${old.id}`, body: { archived: false } }]);
    });
    expect(screen.queryByRole('button', { name: 'Change it' })).toBeNull();
  });

  it('keep what cannot be read, and say so at its field', async () => {
    const told = open('seed-plugs');
    const user = await press('Make a copy to change');
    await user.type(screen.getByLabelText('Air space, weight'), 'x');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/is not a number/);
    expect(screen.getByLabelText('Air space, weight').getAttribute('aria-invalid')).toBe('true');
    expect(told).toEqual([]);
  });

  it('can ask for something else too', async () => {
    open('seed-plugs');
    const user = await press('Make a copy to change');
    await choose(screen.getByLabelText('Ask for something else too'), /price/i, user);
    expect(screen.getByLabelText('Price, ideal to')).toBeTruthy();
  });
});
